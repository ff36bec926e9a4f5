<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\Change;
use Amble\Core\Change\Comparison;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;

/** What the measures of pace share: the putts at targets, and one row a length. */
final class Pace
{
    /** @return list<DistancePutt> */
    public static function putts(BallSelection $asked): array
    {
        return $asked->once(
            'putts',
            static fn(BallSelection $some): array => (new ForDistance($some->surface))->putts($some->balls),
        );
    }

    /** Null where no ball tells a length. */
    public static function control(BallSelection $asked): ?DistanceControl
    {
        return $asked->once('control', static function (BallSelection $some): ?DistanceControl {
            $putts = self::putts($some);

            return $putts === [] ? null : DistanceControl::of($putts);
        });
    }

    /** The share that came to rest inside a tenth of the length; null where no ball tells it. */
    public static function inside(string $name, BallSelection $asked): ?FindingRow
    {
        $control = self::control($asked);

        return $control?->shownInside() === null
            ? null
            : new FindingRow(
                $name,
                FindingUnit::Share,
                $control->shownInside(),
                $control->n,
                $control->shownInsideInterval(),
            );
    }

    /**
     * Average of two lots of balls of one day: Welch's test; with balls cut short, the two estimates by their own
     * errors. Null where either has too few.
     */
    public static function averageOfOneDay(BallSelection $then, BallSelection $now): ?Comparison
    {
        [$before, $after] = [self::control($then), self::control($now)];
        if ($before === null || $after === null || min($before->nMeasured, $after->nMeasured) < 2) {
            return null;
        }
        if ($before->nCutShort === 0 && $after->nCutShort === 0) {
            return Change::ofBias(self::exactErrors($then), self::exactErrors($now));
        }

        return (float) $before->biasError <= 0.0 || (float) $after->biasError <= 0.0
            ? null
            : Change::ofEstimates(
                (float) $before->bias,
                (float) $before->biasError,
                (float) $after->bias,
                (float) $after->biasError,
                max(1, $after->nMeasured),
            );
    }

    /** @return list<float> shares of length of the balls that rolled out */
    private static function exactErrors(BallSelection $asked): array
    {
        $errors = [];
        foreach (self::putts($asked) as $putt) {
            if ($putt->error?->isExact() === true) {
                $errors[] = $putt->error->low;
            }
        }

        return $errors;
    }

    /** Balls whose error is known, exactly or at least. */
    public static function countKnownErrors(DistanceControl $control): int
    {
        return $control->nMeasured + $control->nCutShort;
    }

    /**
     * One row for each length, where there is more than one.
     *
     * @param \Closure(string, DistanceControl): FindingRow $row
     *
     * @return list<FindingRow>
     */
    public static function rows(BallSelection $asked, \Closure $row): array
    {
        $rows = [];
        foreach ($asked->isPlain ? [] : $asked->byLength() as [$length, $some]) {
            $control = self::control($some);
            if ($control !== null) {
                $rows[] = $row(FigureText::metres($length), $control);
            }
        }

        return count($rows) < 2 ? [] : $rows;
    }
}
