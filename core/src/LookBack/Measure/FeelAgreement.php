<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
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

    public static function figure(Asked $session): ?SessionFigure
    {
        return self::of($session)?->asSession();
    }

    public static function dayToDay(): float
    {
        return PeriodChange::LOGIT;
    }

    public static function words(): array
    {
        return ['more often right', 'less often right'];
    }
}
