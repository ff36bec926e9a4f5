<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Numeric\ChiSquare;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;

/** How alike one backstroke rolls again and again: the spread about the student's own line (maths.md 3.3). */
final class StrokeEvenness implements ComparableMeasure
{
    /** The scale of a robust fit errs by so much more than a sample SD (maths.md 8.1). */
    private const SCALE_ERROR = 1.2;

    public static function of(BallSelection $asked): ?Finding
    {
        $fit = Strokes::fit($asked);
        if ($fit === null || $fit->sigma === null || $fit->degreesOfFreedom === null) {
            return null;
        }
        $end = static fn(float $p): float => $fit->sigma *
            sqrt($fit->degreesOfFreedom / ChiSquare::quantile($p, $fit->degreesOfFreedom));
        $interval = new Interval($end(0.9), $end(0.1));

        return new Finding(
            'How even are rolls of one backstroke?',
            sprintf(
                'At targets, balls of one backstroke spread by %s, likely %s to %s.',
                FigureText::percent($fit->sigma),
                FigureText::percent($interval->low),
                FigureText::percent($interval->high),
            ),
            FindingUnit::Spread,
            $fit->sigma,
            $interval,
            $fit->n,
        );
    }

    public static function figure(BallSelection $session): ?SessionFigure
    {
        $fit = Strokes::fit($session);

        return $fit === null || (float) $fit->sigma <= 0.0
            ? null
            : SessionFigure::ofSpread((float) $fit->sigma, $fit->n, self::SCALE_ERROR);
    }

    public static function dayToDay(): float
    {
        return PeriodChange::LOG_SPREAD;
    }

    public static function words(): array
    {
        return ['less even', 'more even'];
    }
}
