<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Pass\PassChances;
use Amble\Core\Drill\Pass\PassContext;

/**
 * How many balls a drill will take at a student's own chances, without its cap and with it.
 *
 * Without a cap, runs that restart have a closed form (ExpectedBalls); with one, and for points, the balls are
 * counted through one after another: how likely the drill stands where, until it is over. This class is immutable.
 */
final readonly class Forecast
{
    /** A goal not reached by so many balls is not reached. */
    private const ENOUGH = 400;

    /** Less than this is left undone: the rest changes no figure shown. */
    private const LEFT = 1e-4;
    private const MOSTLY = 0.5;

    /** A goal missed this often after that many balls has no average worth telling. */
    private const NEVER = 0.01;

    /**
     * @param float|null $balls until it is done, its cap left out of account; null when that is never
     * @param float $capped until it is done or its cap in balls is reached
     * @param float $done chance to be done before that
     */
    private function __construct(public ?float $balls, public float $capped, public float $done) {}

    /**
     * @param non-empty-list<PassContext> $round what each ball of a round is judged against
     *
     * @return self|null null where a chance that it hangs on is not known
     */
    public static function of(DrillRules $drill, array $round, PassChances $skill): ?self
    {
        return $drill->end->goal !== null && $drill->points !== null
            ? self::byPoints($drill, $drill->points, $round, $skill, $drill->end->goal)
            : self::byPasses($drill, $round, $skill);
    }

    /** @param non-empty-list<PassContext> $round */
    private static function byPasses(DrillRules $drill, array $round, PassChances $skill): ?self
    {
        $chances = [];
        foreach ($round as $context) {
            $chance = $drill->pass->chance($context, $skill);
            if ($chance === null) {
                return null;
            }
            $chances[] = min(1.0, max(0.0, $chance));
        }
        $backTo = self::backTo($drill, count($round));
        $moves = static function (int $place) use ($chances, $backTo): array {
            return [[$place + 1, $chances[$place]], [$backTo[$place], 1.0 - $chances[$place]]];
        };
        [$capped, $done] = self::counted(
            0,
            static fn(int $place): bool => $place >= count($chances),
            $moves,
            $drill->cap->balls ?? self::ENOUGH,
        );
        $balls = match ($drill->onMiss) {
            OnMiss::Nothing => (float) count($chances),
            OnMiss::RestartAll => ExpectedBalls::inARow($chances),
            default => self::sum(array_map(ExpectedBalls::inARow(...), self::stretches($chances, $backTo))),
        };

        return new self($balls, $capped, $done);
    }

    /**
     * @param non-empty-list<float> $chances
     * @param non-empty-list<int> $backTo
     *
     * @return list<non-empty-list<float>> runs that a miss sends back to their beginning
     */
    private static function stretches(array $chances, array $backTo): array
    {
        $runs = [];
        foreach ($chances as $place => $chance) {
            $runs[$backTo[$place]][] = $chance;
        }

        return array_values($runs);
    }

    /** @return non-empty-list<int> for each place of the round, where a miss goes */
    private static function backTo(DrillRules $drill, int $places): array
    {
        $backTo = [];
        for ($place = 0; $place < max(1, $places); ++$place) {
            $backTo[] = match ($drill->onMiss) {
                OnMiss::Nothing => $place + 1,
                OnMiss::Again => $place,
                // Stations that restart follow one another, each as many balls as the others.
                OnMiss::RestartStation => $place - ($place % $drill->ballsEach),
                OnMiss::RestartAll => 0,
            };
        }

        return $backTo;
    }

    /** @param non-empty-list<PassContext> $round */
    private static function byPoints(
        DrillRules $drill,
        Points $points,
        array $round,
        PassChances $skill,
        int $goal,
    ): ?self {
        $brings = [];
        foreach ($round as $context) {
            $chances = $points->chances($context, $skill);
            if ($chances === null) {
                return null;
            }
            $brings[] = $chances;
        }
        $places = count($brings);
        // A round follows the other, so the ball's number tells its station.
        $isDone = static fn(int $sum): bool => $sum >= $goal;
        $moves = static function (int $sum, int $ball) use ($brings, $places): array {
            return array_map(static fn(array $bring): array => [$sum + $bring[0], $bring[1]], $brings[$ball % $places]);
        };
        [$capped, $done] = self::counted(0, $isDone, $moves, $drill->cap->balls ?? self::ENOUGH);
        // Where the cap mostly comes first, how long it would go on after it is nobody's question.
        [$balls, $ever] = $done < self::MOSTLY ? [null, 0.0] : self::counted(0, $isDone, $moves, self::ENOUGH);

        return new self($ever > 1.0 - self::NEVER ? $balls : null, $capped, $done);
    }

    /**
     * Balls until it is done or so many were rolled, and the chance that it is done by then.
     *
     * @param \Closure(int): bool $isDone by where it stands
     * @param \Closure(int, int): list<array{int, float}> $moves from where it stands, at a ball's number from 0: to
     *                                                           where, and how likely
     *
     * @return array{float, float}
     */
    private static function counted(int $start, \Closure $isDone, \Closure $moves, int $most): array
    {
        $standing = [$start => 1.0];
        $balls = 0.0;
        for ($ball = 0; $ball < $most; ++$ball) {
            $left = array_sum($standing);
            if ($left < self::LEFT) {
                break;
            }
            $balls += $left;
            $next = [];
            foreach ($standing as $where => $chance) {
                foreach ($moves($where, $ball) as [$to, $share]) {
                    // What hardly ever happens is not followed further.
                    if (!$isDone($to) && $chance * $share > 1e-12) {
                        $next[$to] = ($next[$to] ?? 0.0) + $chance * $share;
                    }
                }
            }
            $standing = $next;
        }

        return [$balls, 1.0 - array_sum($standing)];
    }

    /** @param list<float|null> $parts */
    private static function sum(array $parts): ?float
    {
        return in_array(null, $parts, true) ? null : array_sum($parts);
    }
}
