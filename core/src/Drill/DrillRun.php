<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Ball;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\LoggedPutt;
use Amble\Core\Session\SessionEvent;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\Stop;
use Amble\Core\Steps\Ladder;
use Amble\Core\Units\Length;

/**
 * A drill being run: its state is a fold over the log's balls, in the order they were rolled.
 *
 * Undo, corrections and late or repeated events are settled by SessionLog before the fold, so they
 * give exactly the state they would have given in order. What chance decides (scattered lengths,
 * shuffling) comes from the seed and the round's number alone. Time: O(n) for n balls.
 */
final class DrillRun
{
    /** Call-outs laid out ahead, at most. */
    private const MOST_AHEAD = 12;

    private Phase $phase = Phase::Ready;

    /** @var non-empty-array<int, StationTally> by station */
    private array $tallies;

    /** @var non-empty-list<non-negative-int> stations of the round, ball by ball */
    private array $round;

    /** @var non-empty-list<non-negative-int> which of its station's balls each is, from 0 */
    private array $ballNumbers;

    /** Place in the round of the next ball. */
    private int $place = 0;
    private DrillProgress $progress;
    private ?Ladder $ladder;
    private int $passes = 0;
    private int $streak = 0;
    private int $restarts = 0;
    private int $throughButMissed = 0;
    private int $putOuts = 0;
    private int $puttsToFinish = 0;
    private ?int $startedAt = null;
    private ?float $lastDistance = null;

    /** @var list<array{LengthCall, LengthCall}> */
    private array $calls = [];

    private function __construct(private readonly Drill $drill, private readonly int $seed)
    {
        $random = new SeededRandom($seed);
        $this->tallies = array_map(
            static fn(Station $station): StationTally => new StationTally($station->settled($random)->length()->metres()),
            $drill->stations,
        );
        $this->progress = DrillProgress::none();
        $this->ladder = $drill->steps?->ladder();
        $this->layRound();
    }

    /** @param list<SessionEvent> $events in any order, as often as they came */
    public static function fold(Drill $drill, array $events, int $seed): DrillState
    {
        return self::ofPutts($drill, SessionLog::fold($events)->putts, $seed);
    }

    /** @param list<LoggedPutt> $putts in the order they were rolled */
    public static function ofPutts(Drill $drill, array $putts, int $seed): DrillState
    {
        $run = new self($drill, $seed);
        foreach ($putts as $putt) {
            $run->take($putt);
        }

        return $run->state();
    }

    private function take(LoggedPutt $putt): void
    {
        // Balls after the end, and those nobody can be held to, change nothing.
        if ($this->phase->isOver() || $putt->ball->mark?->isRolledAgain() === true) {
            return;
        }
        $this->startedAt ??= $putt->atMilliseconds;
        $station = $this->round[$this->place];
        $context = new PassContext(
            Length::ofMetres($this->tallies[$station]->lengthMetres),
            $this->drill->task($this->ballNumbers[$this->place]),
            $this->ladder === null ? null : $this->drill->steps?->width($this->ladder),
            $this->lastDistance,
        );
        $passed = $this->drill->pass->passes($putt->ball, $context);
        $this->count($putt, $station, $passed, $context);
        $passed || !$this->drill->onMiss->restarts() ? $this->advance() : $this->restart($station);
        $this->settlePhase();
    }

    private function count(LoggedPutt $putt, int $station, bool $passed, PassContext $context): void
    {
        $ball = $putt->ball;
        $this->tallies[$station] = $this->tallies[$station]->after($passed);
        $this->passes += $passed ? 1 : 0;
        $this->streak = $passed ? $this->streak + 1 : 0;
        $this->ladder = $this->ladder?->after($passed);
        $this->lastDistance = $context->distance($ball);
        $this->throughButMissed += $this->startedWellButMissed($ball, $passed) ? 1 : 0;
        if ($this->drill->putOut->allows($passed) && ($ball->sight->puttsToFinish !== null || $ball->stop === Stop::Holed)) {
            ++$this->putOuts;
            $this->puttsToFinish += $ball->sight->puttsToFinish ?? 0;
        }
        if ($ball->sight->call !== null) {
            $happened = $ball->stop === Stop::Holed
                ? LengthCall::On
                : LengthCall::of($context->past($ball) / $context->length->metres(), DistanceControl::DEFAULT_WINDOW);
            $this->calls[] = [$ball->sight->call, $happened];
        }
        $this->progress = new DrillProgress(
            $this->progress->balls + 1,
            $this->progress->rounds,
            $this->progress->points + ($this->drill->points?->of($ball, $context) ?? 0),
            $putt->atMilliseconds - (int) $this->startedAt,
        );
    }

    /** A good start whose putt still failed points at pace or read, so it is a figure of its own. */
    private function startedWellButMissed(Ball $ball, bool $passed): bool
    {
        return $ball->sight->gate === GateResult::Through
            && ($this->drill->target->canBeHoled() ? $ball->stop !== Stop::Holed : !$passed);
    }

    private function advance(): void
    {
        $from = $this->round[$this->place];
        ++$this->place;
        if ($this->place === count($this->round)) {
            $this->progress = new DrillProgress(
                $this->progress->balls,
                $this->progress->rounds + 1,
                $this->progress->points,
                $this->progress->milliseconds,
            );
            $this->place = 0;
            $this->layRound();
        }
        if ($this->round[$this->place] !== $from) {
            $this->lastDistance = null;
        }
    }

    private function restart(int $station): void
    {
        ++$this->restarts;
        $this->lastDistance = null;
        if ($this->drill->onMiss === OnMiss::RestartAll) {
            $this->tallies = array_map(
                static fn(StationTally $tally): StationTally => $tally->balls > 0 ? $tally->restarted() : $tally,
                $this->tallies,
            );
            $this->place = 0;

            return;
        }
        $this->tallies[$station] = $this->tallies[$station]->restarted();
        $this->place -= $this->ballNumbers[$this->place];
    }

    /** Done wins over capped: a goal reached with the last ball allowed is reached. */
    private function settlePhase(): void
    {
        $this->phase = match (true) {
            $this->drill->end->isReached($this->progress) => Phase::Done,
            $this->drill->cap->isReached($this->progress) => Phase::Capped,
            $this->progress->balls % $this->drill->restAfter === 0 => Phase::Resting,
            default => Phase::Rolling,
        };
    }

    private function layRound(): void
    {
        $lengths = array_values(array_map(static fn(StationTally $tally): float => $tally->lengthMetres, $this->tallies));
        // A source of its own for each round: a round is the same however its balls arrived.
        $random = new SeededRandom($this->seed + 1 + $this->progress->rounds);
        $this->round = $this->drill->order->round($lengths, $this->drill->ballsEach, $random);
        $seen = [];
        $numbers = [];
        foreach ($this->round as $station) {
            $numbers[] = $seen[$station] ?? 0;
            $seen[$station] = ($seen[$station] ?? 0) + 1;
        }
        $this->ballNumbers = $numbers;
    }

    private function state(): DrillState
    {
        $ahead = $this->phase->isOver() ? [] : $this->callOutsAhead();

        return new DrillState(
            $this->phase,
            $ahead[0] ?? null,
            $ahead,
            array_values($this->tallies),
            $this->progress->balls,
            $this->passes,
            $this->streak,
            $this->restarts,
            $this->progress->rounds,
            $this->drill->points === null ? null : $this->progress->points,
            $this->throughButMissed,
            $this->putOuts,
            $this->puttsToFinish,
            $this->ladder === null ? null : $this->drill->steps?->width($this->ladder),
            $this->calls,
        );
    }

    /** @return non-empty-list<CallOut> */
    private function callOutsAhead(): array
    {
        $left = count($this->round) - $this->place;
        $certain = min(
            $left,
            self::MOST_AHEAD,
            max(1, $this->drill->end->certainBalls($this->progress, $left, $this->drill->mostPoints())),
            $this->drill->cap->balls === null ? $left : max(1, $this->drill->cap->balls - $this->progress->balls),
            $this->certainDespiteRestarts($left),
        );
        $callOuts = [];
        for ($i = 0; $i < max(1, $certain); ++$i) {
            $place = $this->place + $i;
            $station = $this->round[$place];
            $ball = $this->ballNumbers[$place];
            $callOuts[] = new CallOut($station, $this->tallies[$station]->lengthMetres, $ball + 1, $this->drill->task($ball));
        }

        return $callOuts;
    }

    /**
     * A miss goes back to a ball with another number, so only the next one is certain; the rest of
     * the round is where nothing restarts.
     */
    private function certainDespiteRestarts(int $left): int
    {
        return $this->drill->onMiss->restarts() ? 1 : $left;
    }
}
