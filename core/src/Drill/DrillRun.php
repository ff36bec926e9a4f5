<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\LoggedBall;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\Stop;
use Amble\Core\Steps\Ladder;

/**
 * A drill being run: its state is a fold over the log's balls, in the order they were rolled.
 *
 * Undo, corrections and late or repeated events are settled by SessionLog before the fold, so they
 * give exactly the state they would have given in order. What chance decides (scattered lengths,
 * shuffling) comes from the seed and the round's number alone. Time: O(n) for n balls.
 */
final class DrillRun
{
    private Phase $phase = Phase::Ready;

    /** @var non-empty-array<int, StationTally> by station */
    private array $tallies;

    private DrillRound $round;
    private DrillProgress $progress;
    private ?Ladder $ladder;
    private int $passes = 0;

    /** Balls that only measured what the next were held against. */
    private int $measures = 0;
    private int $streak = 0;
    private int $restarts = 0;
    private int $throughButMissed = 0;
    private int $putOuts = 0;
    private int $puttsToFinish = 0;
    private ?int $startedAt = null;
    private ?float $lastDistance = null;
    private ?float $firstRoll = null;
    private ?LastBall $last = null;

    /** @var list<array{LengthCall, LengthCall}> */
    private array $calls = [];

    /** @var array<string, JudgedBall> by putt id */
    private array $judged = [];

    /** @var array<int, positive-int> balls rolled at each station, restarts not forgotten */
    private array $attempts = [];

    /** @param non-negative-int|null $station */
    private function __construct(
        private readonly DrillRules $drill,
        int $seed,
        ?int $station = null,
        private readonly ?int $endedAt = null,
    ) {
        $random = new SeededRandom($seed);
        $this->tallies = array_map(
            static fn(Station $station): StationTally => new StationTally(
                $station->settled($random)->length()->metres(),
            ),
            $drill->stations,
        );
        $this->progress = DrillProgress::none();
        $this->ladder = $drill->steps?->ladder($drill->startStep, $drill->stepRule);
        $lengths = array_map(static fn(StationTally $tally): float => $tally->lengthMetres, $this->tallies);
        $this->round = new DrillRound($drill, $seed, $lengths, $station);
    }

    /** @param list<SessionEvent> $events in any order, as often as they came */
    public static function fold(DrillRules $drill, array $events, int $seed): DrillState
    {
        return self::ofPutts($drill, SessionLog::fold($events)->putts, $seed);
    }

    /**
     * What the balls of the first round are judged against, in their order, as far as that is known before any
     * is rolled.
     *
     * @return non-empty-list<PassContext>
     */
    public static function firstRound(DrillRules $drill, int $seed): array
    {
        $run = new self($drill, $seed);
        $contexts = [];
        for ($place = 0; $place < $run->round->balls(); ++$place) {
            $contexts[] = $run->round->context($place, $run->ladder, null, null);
        }

        return $contexts;
    }

    /**
     * @param list<LoggedBall> $putts in the order they were rolled
     * @param non-negative-int|null $station where whoever joined late begins; null for the round's beginning
     * @param int|null $endedAt when somebody ended it, Unix milliseconds; later balls are after it
     */
    public static function ofPutts(
        DrillRules $drill,
        array $putts,
        int $seed,
        ?int $station = null,
        ?int $endedAt = null,
    ): DrillState {
        $run = new self($drill, $seed, $station, $endedAt);
        foreach ($putts as $putt) {
            $run->take($putt);
        }

        return $run->state();
    }

    private function take(LoggedBall $putt): void
    {
        // Balls after the end, and those nobody can be held to, change nothing.
        $isAfter = $this->phase->isOver() || ($this->endedAt !== null && $putt->atMilliseconds > $this->endedAt);
        if ($isAfter || $putt->ball->remarks->mark?->isRolledAgain() === true) {
            $this->judged[$putt->id] = $isAfter
                ? new JudgedBall(Verdict::After, null)
                : new JudgedBall(Verdict::RolledAgain, $this->round->station());

            return;
        }
        $this->startedAt ??= $putt->atMilliseconds;
        $this->moveTo($putt->ball);
        $context = $this->round->context($this->round->place(), $this->ladder, $this->lastDistance, $this->firstRoll);
        $this->judge($putt, $context);
        $this->settlePhase();
    }

    private function moveTo(Ball $ball): void
    {
        $from = $this->round->station();
        $this->round->moveTo($ball);
        if ($this->round->station() !== $from) {
            $this->lastDistance = $this->firstRoll = null;
        }
    }

    private function judge(LoggedBall $putt, PassContext $context): void
    {
        $station = $this->round->station();
        $acceptance = $this->drill->pass->acceptance($context);
        $isMeasure = $this->drill->pass->isMeasure($context);
        $passed = $isMeasure || $acceptance->admits($putt->ball);
        $word = $this->word($putt->ball, $acceptance, $context);
        $width = $this->drill->aidWidth($context->step);
        $this->attempts[$station] = ($this->attempts[$station] ?? 0) + 1;
        $verdict = match (true) {
            !$this->drill->pass->judges(), $isMeasure => Verdict::Noted,
            $passed => Verdict::Passed,
            default => Verdict::Missed,
        };
        $this->judged[$putt->id] = new JudgedBall(
            $verdict,
            $station,
            $context->task,
            $word,
            $this->attempts[$station],
            $width,
            $this->round->place(),
        );
        $restarts = !$passed && $this->drill->onMiss->restarts();
        $this->last = new LastBall(
            $putt,
            $passed,
            $restarts,
            $this->isInsidePace($putt->ball, $acceptance, $context),
            $this->drill->aidAgainstHole($context->length, $width),
        );
        $isMeasure ? $this->takeMeasure($putt, $context) : $this->count($putt, $station, $passed, $context, $word);
        match (true) {
            $restarts => $this->restart($station),
            // The same ball again: nothing moves on.
            !$passed && $this->drill->onMiss === OnMiss::Again => null,
            default => $this->advance(),
        };
    }

    /** The ball that the next ones are held against: it neither passes nor counts. */
    private function takeMeasure(LoggedBall $putt, PassContext $context): void
    {
        $this->lastDistance = $context->distance($putt->ball);
        $this->firstRoll = $putt->ball->rollMetres();
        ++$this->measures;
        $this->progress = new DrillProgress(
            $this->progress->balls + 1,
            $this->progress->rounds,
            $this->progress->points,
            $putt->atMilliseconds - (int) $this->startedAt,
        );
    }

    /** Short, on or long by the drill's own window and task; over the edge that was the target is long. */
    private function word(Ball $ball, Acceptance $acceptance, PassContext $context): ?LengthCall
    {
        return $ball->stop === Stop::Edge &&
            $this->drill->target === TargetKind::Edge &&
            $context->past($ball) >= -Check::SLACK
            ? LengthCall::Long
            : $acceptance->word($ball);
    }

    /**
     * By the drill's own stretch of lengths where it has one, else within the usual share; null when nobody can tell.
     */
    private function isInsidePace(Ball $ball, Acceptance $acceptance, PassContext $context): ?bool
    {
        if ($ball->stop === Stop::Holed) {
            return true;
        }
        if ($ball->roll === null || $ball->isAtLeast()) {
            return $acceptance->word($ball) === LengthCall::Long ? false : null;
        }

        return ($this->drill->pass->axis() === Axis::Length
            ? $acceptance
            : Acceptance::usual($context->length->longerBy($context->finishPast))
        )->admits($ball);
    }

    private function count(LoggedBall $putt, int $station, bool $passed, PassContext $context, ?LengthCall $word): void
    {
        $ball = $putt->ball;
        $this->tallies[$station] = $this->tallies[$station]->after($passed);
        $this->passes += $passed && $this->drill->pass->judges() ? 1 : 0;
        $this->streak = $passed ? $this->streak + 1 : 0;
        $this->ladder = $this->ladder?->after($passed);
        $this->lastDistance = $context->distance($ball);
        $this->firstRoll =
            $this->round->ballNumber($this->round->place()) === 0 ? $ball->rollMetres() : $this->firstRoll;
        $this->throughButMissed += $this->startedWellButMissed($ball, $passed) ? 1 : 0;
        if (
            $this->drill->putOut->allows($passed) &&
            ($ball->sight->has('putts_to_finish') || $ball->stop === Stop::Holed)
        ) {
            ++$this->putOuts;
            $this->puttsToFinish += $ball->sight->count('putts_to_finish') ?? 0;
        }
        if ($ball->sight->call !== null && $word !== null) {
            $this->calls[] = [$ball->sight->call, $word];
        }
        $this->progress = new DrillProgress(
            $this->progress->balls + 1,
            $this->progress->rounds,
            $this->progress->points + ($this->drill->points?->of($ball, $context) ?? 0),
            $putt->atMilliseconds - (int) $this->startedAt,
        );
    }

    /**
     * A good start whose putt still failed points at pace or read, so it is a figure of its own. A ball
     * nobody followed further is not a miss.
     */
    private function startedWellButMissed(Ball $ball, bool $passed): bool
    {
        return $ball->sight->gate === GateResult::Through &&
            match (true) {
                $this->drill->target->canBeHoled() && $ball->hasDropped() !== null => !$ball->hasDropped(),
                $ball->stop === Stop::Unseen => false,
                default => !$this->drill->target->canBeHoled() && !$passed,
            };
    }

    private function advance(): void
    {
        $from = $this->round->station();
        if ($this->round->advance($this->progress->rounds)) {
            $this->progress = new DrillProgress(
                $this->progress->balls,
                $this->progress->rounds + 1,
                $this->progress->points,
                $this->progress->milliseconds,
            );
        }
        if ($this->round->station() !== $from) {
            $this->lastDistance = $this->firstRoll = null;
        }
    }

    private function restart(int $station): void
    {
        ++$this->restarts;
        $this->lastDistance = $this->firstRoll = null;
        if ($this->drill->onMiss === OnMiss::RestartAll) {
            $this->tallies = array_map(
                static fn(StationTally $tally): StationTally => $tally->balls > 0 ? $tally->restarted() : $tally,
                $this->tallies,
            );
            $this->round->restart();

            return;
        }
        $this->tallies[$station] = $this->tallies[$station]->restarted();
        $this->round->restartStation();
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

    private function state(): DrillState
    {
        if ($this->endedAt !== null && !$this->phase->isOver()) {
            $this->phase = Phase::Stopped;
        }
        $callOuts = $this->phase->isOver()
            ? null
            : new CallOutPlanner(
                $this->drill,
                $this->round,
                $this->progress,
                $this->ladder,
                $this->lastDistance,
                $this->firstRoll,
            );
        $ahead = $callOuts?->certain() ?? [];

        return new DrillState(
            phase: $this->phase,
            next: $ahead[0] ?? null,
            ahead: $ahead,
            course: $callOuts?->course() ?? CallOutGraph::over(),
            last: $this->last,
            stations: array_values($this->tallies),
            balls: $this->progress->balls,
            judgedBalls: max(0, $this->progress->balls - $this->measures),
            passes: $this->passes,
            streak: $this->streak,
            restarts: $this->restarts,
            rounds: $this->progress->rounds,
            points: $this->drill->points === null ? null : $this->progress->points,
            throughButMissed: $this->throughButMissed,
            putOuts: $this->putOuts,
            puttsToFinish: $this->puttsToFinish,
            step: $this->ladder === null ? null : $this->drill->steps?->width($this->ladder),
            calls: $this->calls,
            judged: $this->judged,
            cappedBy: $this->phase === Phase::Capped ? $this->drill->cap->reached($this->progress) : null,
            rung: $this->ladder?->step,
        );
    }
}
