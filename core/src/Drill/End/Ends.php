<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\RuleKind;

/** The table of ends by name. A new one is an entry here. */
final class Ends
{
    /** @return non-empty-array<string, RuleKind<End>> in the order an editor offers them */
    public static function all(): array
    {
        return [
            'all_stations' => RuleKind::of(
                new KindDescription('When all are done', 'ends when all are done'),
                static fn(): End => self::oneRound(),
            ),
            'balls' => self::kind(
                'After so many balls',
                'ends after {balls} balls',
                'Balls',
                FigureKind::Balls,
                self::balls(...),
            ),
            'points' => self::kind(
                'At so many points',
                'ends at {points} points',
                'Points',
                FigureKind::Points,
                self::points(...),
            ),
            'minutes' => self::kind(
                'After so many minutes',
                'ends after {minutes} minutes',
                'Minutes',
                FigureKind::Minutes,
                self::minutes(...),
            ),
        ];
    }

    /**
     * @param \Closure(int): End $make
     *
     * @return RuleKind<End>
     */
    private static function kind(
        string $label,
        string $words,
        string $figure,
        FigureKind $unit,
        \Closure $make,
    ): RuleKind {
        return RuleKind::of(
            new KindDescription($label, $words, [new Figure($unit->value, $figure, $unit)]),
            static fn(array $figures): End => $make((int) $figures[$unit->value]),
        );
    }

    /** Every ball of every station. */
    private static function oneRound(): End
    {
        return new End(
            static fn(DrillProgress $progress): bool => $progress->rounds >= 1,
            static fn(DrillProgress $progress, int $leftInRound): int => $leftInRound,
            static fn(?float $ballsOfRound): ?float => $ballsOfRound,
            repeatsRounds: false,
        );
    }

    private static function balls(int $balls): End
    {
        return new End(
            static fn(DrillProgress $progress): bool => $progress->balls >= $balls,
            static fn(DrillProgress $progress): int => $balls - $progress->balls,
            static fn(): float => (float) $balls,
        );
    }

    private static function points(int $goal): End
    {
        return new End(
            static fn(DrillProgress $progress): bool => $progress->points >= $goal,
            static fn(DrillProgress $progress, int $leftInRound, int $mostPoints): int => $mostPoints > 0
                ? (int) ceil(($goal - $progress->points) / $mostPoints)
                : 1,
            static fn(): ?float => null,
            goal: $goal,
        );
    }

    /** Counted from the first ball; the ball on the way when the time is up still counts. */
    private static function minutes(int $minutes): End
    {
        return new End(
            static fn(DrillProgress $progress): bool => $progress->minutes() >= $minutes,
            static fn(): int => 1,
            static fn(): ?float => null,
        );
    }
}
