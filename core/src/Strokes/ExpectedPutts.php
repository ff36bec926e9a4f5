<?php

declare(strict_types=1);

namespace Amble\Core\Strokes;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Units\Length;

/**
 * Expected putts by length on a level green, N(d) = 1 + E[miss · N(leave)] (maths.md 6).
 *
 * Solved on distances in equal ratios from 0.15 to 30 m, between which N is taken as straight in ln d; iterated from
 * N = 1 until nothing moves by 1e-6. Where every round moves a steady share of the one before, the sum of all rounds to
 * come (a geometric series) is added at once. Within 0.15 m every putt is holed; leaves beyond 30 m count as 30 m.
 */
final class ExpectedPutts
{
    /** Nearer the hole there is no second putt to speak of, metres (maths.md 6). */
    public const NEAREST = 0.15;

    private const FURTHEST = 30.0;
    private const GRID = 64;
    private const MAX_ROUNDS = 2000;

    /** Rounds between two looks at how fast it settles. */
    private const LEAP = 16;
    private const SETTLED = 1e-6;

    private readonly PuttTransition $transition;

    /** @var list<float>|null chance of one putt at each grid distance; null before solving */
    private ?array $onePutt = null;

    /** @var list<float>|null N at each grid distance; null without convergence */
    private ?array $expected = null;

    public function __construct(Player $player, private readonly GreenSpeed $speed)
    {
        $this->transition = self::transition($player, $speed);
        $this->solve();
    }

    /** @param Player|null $first who strikes the first putt, all later ones being this player's; null for the same */
    public function from(Length $length, ?Player $first = null): LengthOutcome
    {
        $metres = $length->metres();
        if ($metres <= self::NEAREST) {
            return new LengthOutcome($metres, 1.0, 0.0, 1.0);
        }
        if ($this->expected === null || $this->onePutt === null) {
            return new LengthOutcome($metres, null, null, null);
        }
        $transition = $first === null ? $this->transition : self::transition($first, $this->speed);
        [$holed, $leaves, $chances] = $transition->from($metres);
        $expected = 1.0;
        $threeOrMore = 0.0;
        foreach ($leaves as $i => $leave) {
            $chance = $chances[$i];
            $expected += $chance * ($leave <= self::NEAREST ? 1.0 : self::between($this->expected, $leave));
            $threeOrMore += $chance * ($leave <= self::NEAREST ? 0.0 : 1.0 - self::between($this->onePutt, $leave));
        }

        return new LengthOutcome($metres, $holed, $threeOrMore, $expected);
    }

    /** The chance of holing one level putt, without what comes after a miss: quick to work out. */
    public static function chanceToHole(Player $player, GreenSpeed $speed, Length $length): float
    {
        return $length->metres() <= self::NEAREST ? 1.0 : self::transition($player, $speed)->from($length->metres())[0];
    }

    /**
     * Expected putts from a leave, between the distances solved for: as exact as what every longer putt's sum takes of
     * it. Null without convergence.
     */
    public function after(Length $leave): ?float
    {
        return match (true) {
            $this->expected === null => null,
            $leave->metres() <= self::NEAREST => 1.0,
            default => self::between($this->expected, min(self::FURTHEST, $leave->metres())),
        };
    }

    /**
     * Expected putts over a mix of first-putt lengths, per putt; null without convergence.
     *
     * @param non-empty-list<array{Length, float}> $mix lengths and their weights, above 0
     *
     * @throws InvalidInput If the mix is empty.
     */
    public function over(array $mix): ?float
    {
        $sum = $weights = 0.0;
        foreach ($mix as [$length, $weight]) {
            $expected = $this->from($length)->expected;
            if ($expected === null) {
                return null;
            }
            $sum += $weight * $expected;
            $weights += $weight;
        }

        return $weights > 0.0 ? $sum / $weights : throw InvalidInput::emptyList('mix', 'length');
    }

    private static function transition(Player $player, GreenSpeed $speed): PuttTransition
    {
        return new PuttTransition($player, $speed->deceleration(), self::NEAREST);
    }

    private function solve(): void
    {
        [$onePutt, $rows, $constants] = $this->transitions();
        /** @var array<int, float> $n */
        $n = array_fill(0, self::GRID, 1.0);
        /** @var float|null $movedBefore */
        $movedBefore = null;
        /** @var float|null $rate */
        $rate = null;
        $mayLeap = true;
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            $moved = 0.0;
            $before = $n;
            foreach ($rows as $i => $row) {
                $sum = $constants[$i];
                foreach ($row as $j => $chance) {
                    $sum += $chance * $before[$j];
                }
                $n[$i] = $sum;
                $moved = max($moved, abs($sum - $before[$i]));
            }
            if ($moved < self::SETTLED) {
                [$this->onePutt, $this->expected] = [$onePutt, array_values($n)];

                return;
            }
            if ($mayLeap && $round % self::LEAP === self::LEAP - 1) {
                $lastRate = $rate;
                $rate = $movedBefore === null ? null : ($moved / $movedBefore) ** (1.0 / self::LEAP);
                $movedBefore = $moved;
                if ($rate === null || $lastRate === null || abs($rate - $lastRate) > 0.01 * abs(1.0 - $rate)) {
                    continue;
                }
                // Each round now moves this share of the one before: what all rounds to come would move is known.
                if ($rate >= 1.0 || $round + log(self::SETTLED / $moved) / log($rate) > self::MAX_ROUNDS) {
                    return;
                }
                foreach ($n as $i => $each) {
                    $n[$i] = $each + (($each - $before[$i]) * $rate) / (1.0 - $rate);
                }
                $mayLeap = false;
            }
        }
    }

    /**
     * The grid's chances to hole, its law of leaves as weights on the grid, and what does not
     * depend on N: this putt, and one more for a leave within reach.
     *
     * @return array{list<float>, list<array<int, float>>, list<float>}
     */
    private function transitions(): array
    {
        $onePutt = $rows = $constants = [];
        $last = (float) (self::GRID - 1);
        $perLog = $last / log(self::FURTHEST / self::NEAREST);
        for ($i = 0; $i < self::GRID; ++$i) {
            [$holed, $leaves, $chances] = $this->transition->from(self::gridDistance($i));
            $row = array_fill(0, self::GRID, 0.0);
            $constant = 1.0;
            foreach ($leaves as $k => $leave) {
                $chance = $chances[$k];
                if ($leave <= self::NEAREST) {
                    $constant += $chance;
                    continue;
                }
                $at = $leave >= self::FURTHEST ? $last : $perLog * log($leave / self::NEAREST);
                $j = $at >= $last ? self::GRID - 2 : (int) $at;
                $row[$j] += $chance * (1.0 - $at + $j);
                $row[$j + 1] += $chance * ($at - $j);
            }
            $onePutt[] = $holed;
            $rows[] = array_filter($row, static fn(float $chance): bool => $chance > 1e-15);
            $constants[] = $constant;
        }

        return [$onePutt, $rows, $constants];
    }

    private static function gridDistance(int $i): float
    {
        return self::NEAREST * (self::FURTHEST / self::NEAREST) ** ($i / (self::GRID - 1));
    }

    /**
     * Between which grid distances a leave beyond 0.15 m lies.
     *
     * @return array{int<0, 62>, float} index of the nearer one, and the share of the way to the next
     */
    private static function position(float $metres): array
    {
        $at =
            (log(min($metres, self::FURTHEST) / self::NEAREST) / log(self::FURTHEST / self::NEAREST)) *
            (self::GRID - 1);
        $j = max(0, min(self::GRID - 2, (int) $at));

        return [$j, $at - $j];
    }

    /** @param list<float> $onGrid */
    private static function between(array $onGrid, float $metres): float
    {
        [$j, $share] = self::position($metres);

        return $onGrid[$j] + $share * ($onGrid[$j + 1] - $onGrid[$j]);
    }
}
