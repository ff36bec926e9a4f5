<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;

/** The share of balls that finish within a tenth of the length, and of the others, short against long. */
final class PaceInside implements ComparableMeasure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $control = Pace::control($asked);
        [$share, $interval] = [$control?->shownInside(), $control?->shownInsideInterval()];
        if ($control === null || $share === null || $interval === null) {
            return null;
        }
        $first = Pace::firstTries($asked);

        return new Finding(
            question: 'How many finish within 10 % of the length?',
            sentence: sprintf(
                '%s; %d short, %d long.',
                $control->isInsideEstimated()
                    ? sprintf(
                        'About %s within 10 %%, %s: some of %d were stopped before it could be seen',
                        FigureText::percent($share),
                        FigureText::likelyShare($interval, $control->n),
                        $control->n,
                    )
                    : sprintf(
                        '%d of %d within 10 %%, %s',
                        (int) round($share * $control->n),
                        $control->n,
                        FigureText::likelyShare($interval, $control->n),
                    ),
                $control->short,
                $control->long,
            ),
            unit: FindingUnit::Share,
            value: $share,
            interval: $interval,
            n: $control->n,
            first: $first === null || $first->n === $control->n ? null : self::row('First attempts', $first),
            rows: Pace::rows($asked, self::row(...)),
            isScore: true,
        );
    }

    public static function figure(BallSelection $session): ?SessionFigure
    {
        $control = Pace::control($session);

        return match (true) {
            $control?->shownInside() === null => null,
            $control->isInsideEstimated() => self::estimatedFigure($control),
            default => SessionFigure::ofShare((int) round((float) $control->insideShare * $control->n), $control->n),
        };
    }

    public static function dayToDay(): float
    {
        return PeriodChange::LOGIT;
    }

    public static function words(): array
    {
        return ['more of them', 'fewer of them'];
    }

    /** The logit of the fitted normal's share, with the error its interval comes to; null at a share of 0 or 1. */
    private static function estimatedFigure(DistanceControl $control): ?SessionFigure
    {
        [$share, $interval] = [(float) $control->shownInside(), $control->shownInsideInterval()];
        if (
            $interval === null ||
            $interval->low <= 0.0 ||
            $interval->high >= 1.0 ||
            $interval->high <= $interval->low
        ) {
            return null;
        }
        $logit = static fn(float $p): float => log($p / (1.0 - $p));

        return SessionFigure::of(
            $logit($share),
            (new Interval($logit($interval->low), $logit($interval->high)))->error(),
        );
    }

    private static function row(string $name, DistanceControl $control): FindingRow
    {
        return new FindingRow(
            $name,
            FindingUnit::Share,
            $control->shownInside(),
            $control->n,
            $control->shownInsideInterval(),
        );
    }
}
