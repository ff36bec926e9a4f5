<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Steps\Ladder;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * Ten putts to be guessed at: as hard as the guesser is good, from where they have putted, or curving the side they
 * fear.
 */
final class QuizOfTen
{
    public const COUNT = 10;

    /** Blocked, one putt is guessed at so often before the next. */
    private const BLOCK = 5;

    /** Shortest and longest, metres, and gentlest and steepest, per cent, by level. Ours. */
    private const LEVELS = [
        [1.0, 2.0, 0.5, 1.5],
        [1.5, 3.0, 1.0, 2.0],
        [2.0, 4.0, 1.0, 2.5],
        [3.0, 6.0, 1.5, 3.0],
        [4.0, 8.0, 2.0, 3.5],
        [5.0, 12.0, 2.0, 4.0],
    ];

    /** Nearer to holding no ball than this a putt is not asked, share of the deceleration. */
    private const HOLDS = 0.7;

    /**
     * The level the guesses so far have led to, 0-based (maths.md 9).
     *
     * @param list<bool> $passes right and wrong, oldest first
     */
    public static function level(array $passes): Ladder
    {
        return array_reduce(
            $passes,
            static fn(Ladder $ladder, bool $passed): Ladder => $ladder->after($passed),
            Ladder::of(count(self::LEVELS)),
        );
    }

    public static function levels(): int
    {
        return count(self::LEVELS);
    }

    /**
     * @param list<PuttSituation> $rolled putts of this student's own sessions that break; drawn from where there are some
     * @param string|null $curving 'left' or 'right' for putts that all curve so
     *
     * @return list<PuttSituation>
     */
    public static function of(
        int $level,
        GreenSpeed $speed,
        float $pace,
        bool $isBlocked,
        RandomSource $random,
        array $rolled = [],
        ?string $curving = null,
    ): array {
        $putts = [];
        $different = $isBlocked ? intdiv(self::COUNT, self::BLOCK) : self::COUNT;
        for ($i = 0; $i < $different; ++$i) {
            $putt =
                $rolled === []
                    ? self::made($level, $speed, $pace, $random, $curving)
                    : $rolled[(int) ($random->uniform() * count($rolled))];
            array_push($putts, ...array_fill(0, $isBlocked ? self::BLOCK : 1, $putt));
        }

        return $putts;
    }

    private static function made(
        int $level,
        GreenSpeed $speed,
        float $pace,
        RandomSource $random,
        ?string $curving,
    ): PuttSituation {
        [$short, $long, $gentle, $steep] = self::LEVELS[max(0, min(count(self::LEVELS) - 1, $level))];
        $length = $short + ($long - $short) * $random->uniform();
        $steepest = min($steep / 100.0, self::HOLDS * $speed->steepestThatHolds());
        $slope = min($gentle / 100.0, $steepest) + ($steepest - min($gentle / 100.0, $steepest)) * $random->uniform();
        // Never quite straight up or down: there would be nothing to call.
        $angle = M_PI * (0.1 + 0.8 * $random->uniform());
        $side = $curving === null ? $random->uniform() < 0.5 : $curving === 'left';

        return PuttSituation::plain(
            Length::ofMetres(round($length, 2)),
            $speed,
            Grade::ofRatio(round($slope * cos($angle), 3)),
            Grade::ofRatio(round($slope * sin($angle), 3) * ($side ? 1.0 : -1.0)),
            $pace,
        );
    }
}
