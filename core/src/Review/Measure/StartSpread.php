<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\GateChoice;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;
use Amble\Core\Units\Length;

/** How widely starts scatter, degrees; and which gate would tell it best (maths.md 4.2). */
final class StartSpread implements ComparableMeasure
{
    /** Where a gate is usually set, metres from the ball. */
    private const GATE_AT = 0.5;

    public static function of(BallSelection $asked): ?Finding
    {
        $fit = StartLines::fit($asked);
        $spread = $fit->spread ?? $fit->spreadUpperBound;
        if ($spread === null) {
            return null;
        }
        $interval = StartLines::inDegrees($fit->spreadInterval(Shares::LEVEL));

        return new Finding(
            'How consistent is the start line?',
            ($fit->spread === null || $interval === null
                ? sprintf(
                    'All %d passed: the spread is below %.1f°. A narrower gate would show more.',
                    $fit->n,
                    rad2deg($spread),
                )
                : sprintf(
                    'Two starts in three within %.1f° of their average, likely %.1f° to %.1f°.',
                    rad2deg($spread),
                    $interval->low,
                    $interval->high,
                )) .
                ' ' .
                self::gate($fit, $spread),
            FindingUnit::Degrees,
            $fit->spread === null ? null : rad2deg($fit->spread),
            $interval,
            $fit->n,
        );
    }

    public static function figure(BallSelection $session): ?SessionFigure
    {
        $fit = StartLines::fit($session);

        return $fit->spread === null || (float) $fit->logSpreadError <= 0.0 || StartLines::isGateTooWide($session)
            ? null
            : SessionFigure::of(log($fit->spread), (float) $fit->logSpreadError);
    }

    public static function dayToDay(): float
    {
        return PeriodChange::LOG_SPREAD;
    }

    public static function words(): array
    {
        return ['wider', 'narrower'];
    }

    /** Which gate would tell a start line of this spread (radians) best, in words. */
    public static function gate(DirectionFit $fit, float $spread): string
    {
        $gate = GateChoice::widthFor($spread, Length::ofMetres(self::GATE_AT));

        return sprintf(
            'A gate %s wide, %s from the ball, would show %s.',
            FigureText::metres($gate->metres()),
            FigureText::metres(self::GATE_AT),
            $fit->spread === null ? 'more' : 'it best',
        );
    }
}
