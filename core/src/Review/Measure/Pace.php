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
use Amble\Core\Review\BallCounts;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Prepares;

/** What the measures of pace share: the putts at targets, and one row a length. */
final class Pace implements Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        return [
            'putts' => array_map(
                static fn(PacePutt $putt): array => $putt->kept(),
                array_values(
                    array_filter(array_map(PacePutt::of(...), (new ForDistance($balls->surface))->of($balls->balls()))),
                ),
            ),
        ];
    }

    /** @return list<PacePutt> */
    public static function putts(BallSelection $asked): array
    {
        return $asked->once('putts', static function (BallSelection $some): array {
            /** @var array{putts?: list<array{string, float, float|null, 0|1|2, int, int, 6?: list<string>}>} $kept */
            $kept = $some->prepared(self::class);

            return array_map(PacePutt::restored(...), $kept['putts'] ?? []);
        });
    }

    /** Null where no ball tells a length. */
    public static function control(BallSelection $asked): ?DistanceControl
    {
        return $asked->once(
            'control',
            static fn(BallSelection $some): ?DistanceControl => self::controlOf(self::putts($some)),
        );
    }

    /** Of the first ball at each putt; null where none tells a length. */
    public static function firstTries(BallSelection $asked): ?DistanceControl
    {
        return $asked->once('control of first tries', static function (BallSelection $some): ?DistanceControl {
            $putts = self::putts($some);
            $first = array_filter($putts, static fn(PacePutt $putt): bool => $putt->isFirst);

            return count($first) === count($putts) ? self::control($some) : self::controlOf($first);
        });
    }

    /** @param array<int, PacePutt> $putts */
    public static function controlOf(array $putts): ?DistanceControl
    {
        return $putts === []
            ? null
            : DistanceControl::of(
                array_map(static fn(PacePutt $putt): DistancePutt => $putt->putt, array_values($putts)),
            );
    }

    /** The share that came to rest inside a tenth of the length; null where no ball tells it. */
    public static function inside(string $name, ?DistanceControl $control): ?FindingRow
    {
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
        foreach (self::putts($asked) as $each) {
            $putt = $each->putt;
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
        foreach ($asked->isPlain ? [] : self::byLength($asked) as [$length, $control]) {
            if ($control !== null) {
                $rows[] = $row(FigureText::metres($length), $control);
            }
        }

        return count($rows) < 2 ? [] : $rows;
    }

    /** @return list<array{float, DistanceControl|null}> length in metres, and how it is controlled, shortest first */
    private static function byLength(BallSelection $asked): array
    {
        return $asked->once(
            'control by length',
            static fn(BallSelection $some): array => array_map(
                static fn(array $class): array => [$class[0], self::controlOf($class[1])],
                BallCounts::of($some)->byLength(self::putts($some), static fn(PacePutt $putt): string => $putt->length),
            ),
        );
    }
}
