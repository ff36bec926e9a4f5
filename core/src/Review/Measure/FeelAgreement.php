<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\FindingChange;
use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Drill\Finding\FeelCalls;
use Amble\Core\Evidence\ForFeel;
use Amble\Core\Report\Finding;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;

/** Calls before looking against what happened (maths.md 7). */
final class FeelAgreement implements ComparableMeasure
{
    public static function of(BallSelection $asked): ?Finding
    {
        return FeelCalls::ofPairs((new ForFeel())->pairs($asked->balls));
    }

    public static function figure(BallSelection $session): ?SessionFigure
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
