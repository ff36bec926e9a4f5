<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Steps\Ladder;

/**
 * Lays out the balls to come of a run: those that are certain, and the graph for a device without a network. Immutable.
 */
final readonly class CallOutPlanner
{
    /** Call-outs given as certain, at most. */
    private const MOST_AHEAD = 12;

    /** Balls laid out for a device without a network, at most: half an hour of them. */
    private const LONGEST_COURSE = 60;

    /**
     * @param float|null $lastDistance of the last ball at this station from its target, metres
     * @param float|null $firstRoll of the station's first ball, metres
     */
    public function __construct(
        private DrillRules $drill,
        private DrillRound $round,
        private DrillProgress $progress,
        private ?Ladder $ladder,
        private ?float $lastDistance,
        private ?float $firstRoll,
    ) {}

    /** @return non-empty-list<CallOut> balls that will be rolled in this order whatever happens */
    public function certain(): array
    {
        $left = $this->round->left();
        $certain = min(
            // A miss goes back to a ball with another number, so only the next one is certain.
            $this->drill->onMiss->holdsUp() ? 1 : $left,
            self::MOST_AHEAD,
            $this->certainCount(),
        );
        $callOuts = [];
        for ($i = 0; $i < max(1, $certain); ++$i) {
            $callOuts[] = $this->callOut($this->round, $this->round->place() + $i, $i === 0);
        }

        return $callOuts;
    }

    public function course(): CallOutGraph
    {
        return $this->drill->onMiss->holdsUp()
            ? new CallOutGraph($this->legsOfRound(), $this->round->place(), $this->certainCount())
            : new CallOutGraph($this->legsInARow(), 0, $this->certainCount());
    }

    /** @return positive-int balls that will be rolled whatever happens, the next one at least */
    private function certainCount(): int
    {
        $byEnd = $this->drill->end->certainBalls($this->progress, $this->round->left(), $this->drill->mostPoints());
        $byCap =
            $this->drill->cap->balls === null ? $byEnd : min($byEnd, $this->drill->cap->balls - $this->progress->balls);

        return max(1, $byCap);
    }

    /** @param bool $isNext whether it is the next ball of all: only of that one it is known what came before */
    private function callOut(DrillRound $round, int $place, bool $isNext): CallOut
    {
        [$station, $ball] = [$round->stationAt($place), $round->ballNumber($place)];
        $hangsOnLast = $this->ladder !== null || ($this->drill->pass->hangsOnEarlier() && $ball > 0);
        $context = $round->context(
            $place,
            $this->ladder,
            $isNext ? $this->lastDistance : null,
            $isNext ? $this->firstRoll : null,
        );

        return new CallOut(
            $station,
            $round->lengthMetres($place),
            $ball + 1,
            $this->drill->task($ball),
            $hangsOnLast && !$isNext ? null : $this->drill->pass->acceptance($context),
            $this->drill->stations[$station]->name,
            $this->drill->stations[$station]->backstroke?->metres(),
        );
    }

    /**
     * Every place of the round, each with the place a miss sends it back to. What comes after the round, where the
     * drill does not end there, is not laid out.
     *
     * @return non-empty-list<CallOutNode>
     */
    private function legsOfRound(): array
    {
        $legs = [];
        for ($place = 0; $place < $this->round->balls(); ++$place) {
            $legs[] = new CallOutNode(
                $this->callOut($this->round, $place, $place === $this->round->place()),
                $place + 1 < $this->round->balls() ? $place + 1 : null,
                match ($this->drill->onMiss) {
                    OnMiss::RestartAll => 0,
                    OnMiss::RestartStation => max(0, $place - $this->round->ballNumber($place)),
                    default => $place,
                },
            );
        }

        return $legs;
    }

    /**
     * Ball after ball, through as many rounds as there are, until the end that no ball can change.
     *
     * @return non-empty-list<CallOutNode>
     */
    private function legsInARow(): array
    {
        $round = clone $this->round;
        $progress = $this->progress;
        $legs = [];
        do {
            $callOut = $this->callOut($round, $round->place(), $legs === []);
            $progress = $progress->after($round->advance($progress->rounds));
            $isOver = $this->drill->end->isReached($progress) || $this->drill->cap->isReached($progress);
            $next = $isOver || count($legs) + 1 === self::LONGEST_COURSE ? null : count($legs) + 1;
            $legs[] = new CallOutNode($callOut, $next, $next);
        } while ($next !== null);

        return $legs;
    }
}
