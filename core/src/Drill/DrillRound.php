<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Ball;
use Amble\Core\Steps\Ladder;
use Amble\Core\Units\Length;

/**
 * The round of a drill that is being rolled: a station for each ball, which of them were rolled, and the place of the
 * next ball. A copy can be walked ahead without changing the run.
 */
final class DrillRound
{
    /** Nearer than this two lengths are one station's, metres. */
    private const SAME_STATION = 0.01;

    /** @var non-empty-list<non-negative-int> stations of the round, ball by ball */
    private array $stations;

    /** @var non-empty-list<non-negative-int> which of its station's balls each is, from 0 */
    private array $ballNumbers;

    /** Place in the round of the next ball: the first one not rolled yet. */
    private int $place;

    /** @var array<int, true> places of this round that were rolled */
    private array $rolled;

    /**
     * @param non-empty-list<float> $lengths of the stations, metres
     * @param non-negative-int|null $station where whoever joined late begins; null for the round's beginning
     */
    public function __construct(
        private readonly DrillRules $drill,
        private readonly int $seed,
        private readonly array $lengths,
        ?int $station,
    ) {
        $this->lay(0);
        $this->place = $station === null ? 0 : max(0, (int) array_search($station, $this->stations, true));
        $this->rolled = $this->place === 0 ? [] : array_fill(0, $this->place, true);
    }

    /** @return non-negative-int the place of the next ball, from 0 */
    public function place(): int
    {
        return max(0, $this->place);
    }

    /** @return non-negative-int the station of the next ball, from 0 */
    public function station(): int
    {
        return $this->stations[$this->place];
    }

    /** @return non-negative-int the station at a place of the round */
    public function stationAt(int $place): int
    {
        return $this->stations[$place];
    }

    /** @return non-negative-int which of its station's balls the one at a place is, from 0 */
    public function ballNumber(int $place): int
    {
        return $this->ballNumbers[$place];
    }

    /** Metres to the station at a place of the round. */
    public function lengthMetres(int $place): float
    {
        return $this->lengths[$this->stations[$place]];
    }

    /** @return positive-int balls of the round */
    public function balls(): int
    {
        return count($this->stations);
    }

    /** Balls of the round that are left, the next one included. */
    public function left(): int
    {
        return count($this->stations) - $this->place;
    }

    /** What the ball at a place of the round is judged against. */
    public function context(int $place, ?Ladder $ladder, ?float $lastDistance, ?float $firstRoll): PassContext
    {
        return $this->drill->context(
            Length::ofMetres($this->lengthMetres($place)),
            $this->ballNumbers[$place],
            $ladder === null ? null : $this->drill->steps?->width($ladder),
            $lastDistance,
            // The first of a set is its measure; it has none itself.
            $this->ballNumbers[$place] === 0 ? null : $firstRoll,
        );
    }

    /**
     * Go to the place a ball was rolled at: the next one, unless its own target is another station. A ball keeps the
     * station it was rolled at, whatever is corrected or deleted before it.
     */
    public function moveTo(Ball $ball): void
    {
        if ($ball->target === null || $this->isAt($this->place, $ball->target)) {
            return;
        }
        $there = array_values(
            array_filter(array_keys($this->stations), fn(int $place): bool => $this->isAt($place, $ball->target)),
        );
        $open = array_values(array_filter($there, fn(int $place): bool => !isset($this->rolled[$place])));
        $this->place = $open[0] ?? ($there[count($there) - 1] ?? $this->place);
    }

    /**
     * Go on to the next ball; after the last one of a round the next round is laid.
     *
     * @param int $rounds completed before
     *
     * @return bool whether a round was completed
     */
    public function advance(int $rounds): bool
    {
        $this->rolled[$this->place] = true;
        $this->place = $this->firstOpen();
        if ($this->place < count($this->stations)) {
            return false;
        }
        $this->restart();
        $this->lay($rounds + 1);

        return true;
    }

    /** Begin the round again. */
    public function restart(): void
    {
        $this->place = 0;
        $this->rolled = [];
    }

    /** Begin the station of the next ball again. */
    public function restartStation(): void
    {
        $missed = $this->place;
        for ($place = $missed - $this->ballNumbers[$missed]; $place <= $missed; ++$place) {
            unset($this->rolled[$place]);
        }
        $this->place = $this->firstOpen();
    }

    private function isAt(int $place, Length $target): bool
    {
        return abs($this->lengthMetres($place) - $target->metres()) < self::SAME_STATION;
    }

    /** The first place of the round that was not rolled; as many as there are places where all were. */
    private function firstOpen(): int
    {
        for ($place = 0, $n = count($this->stations); $place < $n && isset($this->rolled[$place]); ++$place);

        return $place;
    }

    /** @param int $number of the round, from 0 */
    private function lay(int $number): void
    {
        // A source of its own for each round: a round is the same however its balls arrived.
        $this->stations = $this->drill->order->round(
            $this->lengths,
            $this->drill->ballsEach,
            new SeededRandom($this->seed + 1 + $number),
        );
        $seen = [];
        $this->ballNumbers = array_map(static function (int $station) use (&$seen): int {
            $seen[$station] = ($seen[$station] ?? -1) + 1;

            return $seen[$station];
        }, $this->stations);
    }
}
