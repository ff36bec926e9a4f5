<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Numeric\ChiSquare;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;

/** How alike balls of one set rolled: spreads within sets, pooled, as a share of each set's mean. Immutable. */
final readonly class RollConsistency
{
    /**
     * @param float|null $spread pooled, share of the mean roll; null while no set has two balls
     * @param list<FindingRow> $rows longest minus shortest, and mean roll, of each set
     */
    private function __construct(
        public ?float $spread,
        public ?Interval $interval,
        public int $n,
        public array $rows,
    ) {}

    /**
     * @param array<string, non-empty-list<FindingBall>> $sets by name
     *
     * @return self|null null where nothing was measured
     */
    public static function of(array $sets): ?self
    {
        $rows = [];
        [$squares, $degrees, $n] = [0.0, 0, 0];
        foreach ($sets as $name => $balls) {
            $rolls = array_values(
                array_filter(
                    array_map(static fn(FindingBall $ball): ?float => $ball->roll(), $balls),
                    static fn(?float $roll): bool => $roll !== null,
                ),
            );
            if ($rolls === []) {
                continue;
            }
            $mean = Sample::mean($rolls);
            $rows[] = new FindingRow("$name: mean roll", FindingUnit::Metres, $mean, count($rolls));
            $backstrokes = array_filter(
                array_map(static fn(FindingBall $ball): ?float => $ball->ball->backstroke?->metres(), $balls),
                static fn(?float $metres): bool => $metres !== null,
            );
            if ($backstrokes !== []) {
                $rows[] = new FindingRow(
                    "$name: backstroke",
                    FindingUnit::Metres,
                    Sample::mean(array_values($backstrokes)),
                    count($backstrokes),
                );
            }
            $n += count($rolls);
            if (count($rolls) > 1 && $mean > 0.0) {
                $rows[] = new FindingRow(
                    "$name: longest minus shortest",
                    FindingUnit::Metres,
                    max($rolls) - min($rolls),
                    count($rolls),
                );
                $squares += ((count($rolls) - 1) * (float) Sample::variance($rolls)) / $mean ** 2;
                $degrees += count($rolls) - 1;
            }
        }
        $spread = $degrees === 0 ? null : sqrt($squares / $degrees);

        return $rows === []
            ? null
            : new self(
                $spread,
                $spread === null || $spread <= 0.0
                    ? null
                    : new Interval(
                        $spread * sqrt($degrees / ChiSquare::quantile(0.9, $degrees)),
                        $spread * sqrt($degrees / ChiSquare::quantile(0.1, $degrees)),
                    ),
                $n,
                $rows,
            );
    }
}
