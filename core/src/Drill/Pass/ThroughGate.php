<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\AidKind;

/** Through the gate without touching it; where it goes after is not judged. */
final readonly class ThroughGate implements PassRule
{
    use JudgedByLine;

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->aid?->kind === AidKind::Gate ? null : 'Through the gate needs a gate.';
    }
}
