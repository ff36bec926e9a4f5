<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\FindingChange;
use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Drill\Finding\Feel;
use Amble\Core\Evidence\ForFeel;
use Amble\Core\Report\Finding;
use Amble\Core\Review\Asked;
use Amble\Core\Review\Tracked;

/** Calls before looking against what happened (maths.md 7). */
final class FeelAgreement implements Tracked
{
    public static function of(Asked $asked): ?Finding
    {
        return Feel::ofPairs((new ForFeel())->pairs($asked->balls));
    }

    public static function figure(Asked $session): ?SessionFigure
    {
        $finding = self::of($session);

        return $finding === null ? null : FindingChange::asSession($finding);
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
