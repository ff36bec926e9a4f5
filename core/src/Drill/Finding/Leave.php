<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;

/** How far off the balls came to rest, as a share of the length. */
final class Leave implements FindingKind
{
    public static function label(): string
    {
        return 'Distance from the target';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $control = self::control($run->balls);
        if ($control === null) {
            return null;
        }
        $first = self::control($run->firstTries());
        $rows = [];
        foreach ($run->byStation() as $name => $balls) {
            $rows[] = self::row($name, self::control($balls));
        }
        if ($control->spread !== null) {
            $rows[] = new FindingRow(
                'Spread, whatever the length',
                FindingUnit::Spread,
                $control->spread,
                $control->nMeasured,
                $control->spreadInterval,
            );
        }

        return new Finding(
            'How close did they finish?',
            self::sentence($control),
            FindingUnit::OfLength,
            $control->bias,
            $control->biasInterval,
            $control->nMeasured + $control->nCutShort,
            $first === null ? null : self::row('First attempts', $first),
            $rows,
        );
    }

    /** "On average 4 % short, which is not clearly off: 6 short, 3 long of 12 measured." */
    public static function sentence(DistanceControl $control): string
    {
        $n = $control->nMeasured + $control->nCutShort;
        $sides = "$control->short short, $control->long long of $n measured";
        if ($control->bias === null || $control->biasInterval === null) {
            return "$sides; not enough balls yet for an average.";
        }
        $isClear = !$control->biasInterval->contains(0.0);

        return sprintf(
            'On average %s%s: %s.',
            FigureText::ofLength($control->bias),
            match (true) {
                $isClear => '',
                $n < Finding::FEW => "; not enough balls yet to be sure ($n)",
                default => ', which is not clearly off',
            },
            $sides,
        );
    }

    /** @param list<FindingBall> $balls */
    public static function control(array $balls): ?DistanceControl
    {
        $putts = array_values(array_filter(array_map(static fn(FindingBall $ball) => $ball->putt(), $balls)));
        if ($putts === []) {
            return null;
        }
        $control = DistanceControl::of($putts);

        return $control->nMeasured + $control->nCutShort === 0 ? null : $control;
    }

    public static function row(string $name, ?DistanceControl $control): FindingRow
    {
        return new FindingRow(
            $name,
            FindingUnit::OfLength,
            $control?->bias,
            ($control->nMeasured ?? 0) + ($control->nCutShort ?? 0),
            $control?->biasInterval,
        );
    }
}
