<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Kind\KindCard;

/** On the chalk or shadow line, the rail or over the spot; length ignored. */
final readonly class OnLine extends PassRule
{
    use JudgedByLine;

    public static function card(): KindCard
    {
        return new KindCard('On the line', 'starts on {aid}');
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->aid === null || $setting->aid->kind === AidKind::Gate
            ? 'On line needs a rail, a chalk line or a spot.'
            : null;
    }
}
