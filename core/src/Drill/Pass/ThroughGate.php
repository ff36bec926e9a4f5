<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Kind\KindCard;

/** Through the gate without touching it; where it goes after is not judged. */
final readonly class ThroughGate extends PassRule
{
    use JudgedByLine;

    public static function card(): KindCard
    {
        return new KindCard('Through the gate', 'starts through the gate{width}');
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->aid?->kind === AidKind::Gate ? null : 'Through the gate needs a gate.';
    }
}
