<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\OneSidedMisses;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;

/** To which side balls start on average, degrees, positive right; or what bounds there are (maths.md 4.2). */
final class StartAverage implements ComparableMeasure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $fit = StartLines::fit($asked);
        if ($fit->n === 0) {
            return null;
        }
        $isTold = $fit->bias !== null && !StartLines::isGateTooWide($asked);
        $interval = $isTold ? StartLines::inDegrees($fit->biasInterval(Shares::LEVEL)) : null;

        return new Finding(
            'Left or right?',
            trim(
                ($fit->bias === null || $interval === null
                    ? self::sentenceWithoutAverage($asked, $fit)
                    : sprintf(
                        'On average %s%s.%s',
                        FigureText::degrees($fit->bias),
                        $interval->contains(0.0)
                            ? ', which is not clearly off'
                            : sprintf(', likely %.1f° to %.1f°', $interval->low, $interval->high),
                        StartLines::few($fit->n),
                    )) .
                    ' ' .
                    StartLines::eyeInWords($asked),
            ),
            FindingUnit::Angle,
            $fit->bias === null || !$isTold ? null : rad2deg($fit->bias),
            $interval,
            $fit->n,
        );
    }

    public static function figure(BallSelection $session): ?SessionFigure
    {
        $fit = StartLines::fit($session);

        return $fit->bias === null || (float) $fit->biasError <= 0.0 || StartLines::isGateTooWide($session)
            ? null
            : SessionFigure::of(rad2deg($fit->bias), rad2deg((float) $fit->biasError));
    }

    public static function dayToDay(): float
    {
        return PeriodChange::START_DEGREES;
    }

    public static function words(): array
    {
        return ['further right', 'further left'];
    }

    private static function sentenceWithoutAverage(BallSelection $asked, DirectionFit $fit): string
    {
        $n = $fit->n;
        if ($fit->spread !== null) {
            return sprintf(
                'The gate is much wider than these starts vary, so an average is not known. %s',
                StartSpread::gate($fit, $fit->spread),
            );
        }
        $oneSided = OneSidedMisses::in(StartLines::bounds($asked));

        return $oneSided?->sentence() ??
            sprintf(
                '%s that tell a side; bounds on both sides are needed before an average can be told.',
                FigureText::counted($n, 'ball', 'balls'),
            );
    }
}
