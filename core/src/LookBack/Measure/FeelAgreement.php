<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Change\Comparison;
use Amble\Core\Drill\Finding\Feel;
use Amble\Core\Drill\Finding\Finding;
use Amble\Core\Evidence\ForFeel;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Tracked;

/** Calls before looking against what happened (maths.md 7). */
final class FeelAgreement implements Tracked
{
    public static function of(Asked $asked): ?Finding
    {
        return Feel::ofPairs((new ForFeel())->pairs($asked->balls));
    }

    public static function change(Asked $then, Asked $now): ?Comparison
    {
        [$before, $after] = [self::of($then), self::of($now)];

        return $before === null ? null : $after?->since($before);
    }

    public static function words(): array
    {
        return ['more often right', 'less often right'];
    }
}
