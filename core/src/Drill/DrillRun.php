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
use Amble\Core\Session\LoggedPutt;
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
    /** Call-outs given as certain, at most. */
    private const MOST_AHEAD = 12;

    /** Balls laid out for a device without a network, at most: half an hour of them. */
    private const LONGEST_COURSE = 60;

    /** Nearer than this two lengths are one station's, metres. */
    private const SAME_STATION = 0.01;

    private Phase $phase = Phase::Ready;

    /** @var non-empty-array<int, StationTally> by station */
    private array $tallies;

    /** @var non-empty-list<non-negative-int> stations of the round, ball by ball */
    private array $round;

    /** @var non-empty-list<non-negative-int> which of its station's balls each is, from 0 */
    private array $ballNumbers;

    /** Place in the round of the next ball: the first one not rolled yet. */
    private int $place = 0;

    /** @var array<int, true> places of this round that were rolled */
    private array $rolled = [];
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

    /** Whether this is a copy that lays out balls to come, whose last ball nobody knows. */
    private bool $isWalkedAhead = false;

    /** @var list<array{LengthCall, LengthCall}> */
    private array $calls = [];

    /** @var array<string, JudgedBall> by putt id */
    private array $judged = [];

    /** @var array<int, positive-int> balls rolled at each station, restarts not forgotten */
    private array $attempts = [];

    private function __construct(private readonly Drill $drill, private readonly int $seed, ?int $station = null, private readonly ?int $endedAt = null)
    {
        $random = new SeededRandom($seed);
        $this->tallies = array_map(
            static fn(Station $station): StationTally => new StationTally($station->settled($random)->length()->metres()),
            $drill->stations,
        );
        $this->progress = DrillProgress::none();
        $this->ladder = $drill->steps?->ladder($drill->startStep, $drill->stepRule);
        $this->layRound();
        $this->place = $station === null ? 0 : self::firstAt($this->round, $station);
        $this->rolled = $this->place === 0 ? [] : array_fill(0, $this->place, true);
    }

    /** @param list<SessionEvent> $events in any order, as often as they came */
    public static function fold(Drill $drill, array $events, int $seed): DrillState
    {
        return self::ofPutts($drill, SessionLog::fold($events)->putts, $seed);
    }

    /**
     * What the balls of the first round are judged against, in their order, as far as that is known before any
     * is rolled.
     *
     * @return non-empty-list<PassContext>
     */
    public static function firstRound(Drill $drill, int $seed): array
    {
        $run = new self($drill, $seed);
        $contexts = [];
        foreach (array_keys($run->round) as $place) {
            $contexts[] = $run->context($place, null, null);
        }

        return $contexts;
    }

    /**
     * @param list<LoggedPutt> $putts in the order they were rolled
     * @param non-negative-int|null $station where whoever joined late begins; null for the round's beginning
     * @param int|null $endedAt when somebody ended it, Unix milliseconds; later balls are after it
     */
    public static function ofPutts(Drill $drill, array $putts, int $seed, ?int $station = null, ?int $endedAt = null): DrillState
    {
        $run = new self($drill, $seed, $station, $endedAt);
        foreach ($putts as $putt) {
            $run->take($putt);
        }

        return $run->state();
    }

    private function take(LoggedPutt $putt): void
    {
        // Balls after the end, and those nobody can be held to, change nothing.
        $isAfter = $this->phase->isOver() || ($this->endedAt !== null && $putt->atMilliseconds > $this->endedAt);
        $unjudged = match (true) {
            $isAfter => Verdict::After,
            $putt->ball->remarks->mark?->isRolledAgain() === true => Verdict::RolledAgain,
            default => null,
        };
        if ($unjudged !== null) {
            $this->judged[$putt->id] = new JudgedBall($unjudged, $isAfter ? null : $this->round[$this->place]);

            return;
        }
        $this->startedAt ??= $putt->atMilliseconds;
        $next = $this->place;
        $this->place = $this->placeOf($putt->ball);
        if ($this->round[$this->place] !== $this->round[$next]) {
            $this->lastDistance = $this->firstRoll = null;
        }
        $station = $this->round[$this->place];
        $context = $this->context($this->place, $this->lastDistance, $this->firstRoll);
        $acceptance = $this->drill->pass->acceptance($context);
        $isMeasure = $this->drill->pass->isMeasure($context);
        $passed = $isMeasure || $acceptance->admits($putt->ball);
        $word = $this->word($putt->ball, $acceptance, $context);
        $this->attempts[$station] = ($this->attempts[$station] ?? 0) + 1;
        $this->judged[$putt->id] = new JudgedBall(
            match (true) {
                !$this->drill->pass->judges(), $isMeasure => Verdict::Noted,
                $passed => Verdict::Passed,
                default => Verdict::Missed,
            },
            $station,
            $context->task,
            $word,
            $this->attempts[$station],
            $this->drill->aidWidth($context->step),
            max(0, $this->place),
        );
        $restarts = !$passed && $this->drill->onMiss->restarts();
        $gate = $this->drill->aidAgainstHole($context->length, $this->drill->aidWidth($context->step));
        $this->last = new LastBall($putt, $passed, $restarts, $this->isInsidePace($putt->ball, $acceptance, $context), $gate);
        $isMeasure ? $this->takeMeasure($putt, $context) : $this->count($putt, $station, $passed, $context, $word);
        match (true) {
            $restarts => $this->restart($station),
            // The same ball again: nothing moves on.
            !$passed && $this->drill->onMiss === OnMiss::Again => null,
            default => $this->advance(),
        };
        $this->settlePhase();
    }

    /**
     * The place of the round a ball was rolled at: the next one, unless its own target says another station. A ball keeps
     * the station it was rolled at, whatever is corrected or deleted before it.
     */
    private function placeOf(Ball $ball): int
    {
        if ($ball->target === null || $this->isAt($this->place, $ball->target)) {
            return $this->place;
        }
        $there = array_values(array_filter(array_keys($this->round), fn(int $place): bool => $this->isAt($place, $ball->target)));
        $open = array_values(array_filter($there, fn(int $place): bool => !isset($this->rolled[$place])));

        return $open[0] ?? $there[count($there) - 1] ?? $this->place;
    }

    private function isAt(int $place, Length $target): bool
    {
        return abs($this->tallies[$this->round[$place]]->lengthMetres - $target->metres()) < self::SAME_STATION;
    }

    /** The ball that the next ones are held against: it neither passes nor counts. */
    private function takeMeasure(LoggedPutt $putt, PassContext $context): void
    {
        $this->lastDistance = $context->distance($putt->ball);
        $this->firstRoll = $putt->ball->rollMetres();
        ++$this->measures;
        $this->progress = new DrillProgress($this->progress->balls + 1, $this->progress->rounds, $this->progress->points, $putt->atMilliseconds - (int) $this->startedAt);
    }

    /** What the ball at a place of the round is judged against. */
    private function context(int $place, ?float $lastDistance, ?float $firstRoll): PassContext
    {
        $step = $this->ladder === null ? null : $this->drill->steps?->width($this->ladder);

        return $this->drill->context(
            Length::ofMetres($this->tallies[$this->round[$place]]->lengthMetres),
            $this->ballNumbers[$place],
            $step,
            $lastDistance,
            // The first of a set is its measure; it has none itself.
            $this->ballNumbers[$place] === 0 ? null : $firstRoll,
        );
    }

    /** Short, on or long by the drill's own window and task; over the edge that was the target is long. */
    private function word(Ball $ball, Acceptance $acceptance, PassContext $context): ?LengthCall
    {
        return $ball->stop === Stop::Edge && $this->drill->target === TargetKind::Edge && $context->past($ball) >= -Check::SLACK
            ? LengthCall::Long
            : $acceptance->word($ball);
    }

    /** By the drill's own stretch of lengths where it has one, else within the usual share; null when nobody can tell. */
    private function isInsidePace(Ball $ball, Acceptance $acceptance, PassContext $context): ?bool
    {
        if ($ball->stop === Stop::Holed) {
            return true;
        }
        if ($ball->roll === null || $ball->isAtLeast()) {
            return $acceptance->word($ball) === LengthCall::Long ? false : null;
        }

        return ($this->drill->pass->axis() === Axis::Length ? $acceptance : Acceptance::usual($context->length->longerBy($context->finishPast)))->admits($ball);
    }

    private function count(LoggedPutt $putt, int $station, bool $passed, PassContext $context, ?LengthCall $word): void
    {
        $ball = $putt->ball;
        $this->tallies[$station] = $this->tallies[$station]->after($passed);
        $this->passes += $passed && $this->drill->pass->judges() ? 1 : 0;
        $this->streak = $passed ? $this->streak + 1 : 0;
        $this->ladder = $this->ladder?->after($passed);
        $this->lastDistance = $context->distance($ball);
        $this->firstRoll = $this->ballNumbers[$this->place] === 0 ? $ball->rollMetres() : $this->firstRoll;
        $this->throughButMissed += $this->startedWellButMissed($ball, $passed) ? 1 : 0;
        if ($this->drill->putOut->allows($passed) && ($ball->sight->has('putts_to_finish') || $ball->stop === Stop::Holed)) {
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
        return $ball->sight->gate === GateResult::Through && match (true) {
            $this->drill->target->canBeHoled() && $ball->hasDropped() !== null => !$ball->hasDropped(),
            $ball->stop === Stop::Unseen => false,
            default => !$this->drill->target->canBeHoled() && !$passed,
        };
    }

    private function advance(): void
    {
        $from = $this->round[$this->place];
        $this->rolled[$this->place] = true;
        $this->place = $this->firstOpen();
        if ($this->place === count($this->round)) {
            $this->progress = new DrillProgress(
                $this->progress->balls,
                $this->progress->rounds + 1,
                $this->progress->points,
                $this->progress->milliseconds,
            );
            $this->place = 0;
            $this->rolled = [];
            $this->layRound();
        }
        if ($this->round[$this->place] !== $from) {
            $this->lastDistance = null;
            $this->firstRoll = null;
        }
    }

    private function restart(int $station): void
    {
        ++$this->restarts;
        $this->lastDistance = null;
        $this->firstRoll = null;
        if ($this->drill->onMiss === OnMiss::RestartAll) {
            $this->tallies = array_map(
                static fn(StationTally $tally): StationTally => $tally->balls > 0 ? $tally->restarted() : $tally,
                $this->tallies,
            );
            $this->place = 0;
            $this->rolled = [];

            return;
        }
        $this->tallies[$station] = $this->tallies[$station]->restarted();
        $missed = $this->place;
        $this->place -= $this->ballNumbers[$this->place];
        for ($place = $this->place; $place <= $missed; ++$place) {
            unset($this->rolled[$place]);
        }
        $this->place = $this->firstOpen();
    }

    /** The first place of the round that was not rolled; as many as there are places where all were. */
    private function firstOpen(): int
    {
        for ($place = 0, $n = count($this->round); $place < $n && isset($this->rolled[$place]); ++$place);

        return $place;
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

    /**
     * @param non-empty-list<non-negative-int> $round
     *
     * @return non-negative-int the first place of a station in it; its beginning where the station is not
     */
    private static function firstAt(array $round, int $station): int
    {
        return max(0, (int) array_search($station, $round, true));
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
        if ($this->endedAt !== null && !$this->phase->isOver()) {
            $this->phase = Phase::Stopped;
        }
        $ahead = $this->phase->isOver() ? [] : $this->callOutsAhead();

        return new DrillState(
            $this->phase,
            $ahead[0] ?? null,
            $ahead,
            $this->phase->isOver() ? Course::over() : $this->course(),
            $this->last,
            array_values($this->tallies),
            $this->progress->balls,
            max(0, $this->progress->balls - $this->measures),
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
            $this->judged,
            $this->phase === Phase::Capped ? $this->drill->cap->reached($this->progress) : null,
            $this->ladder?->step,
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
            $callOuts[] = $this->callOut($this->place + $i);
        }

        return $callOuts;
    }

    private function callOut(int $place): CallOut
    {
        $station = $this->round[$place];
        $ball = $this->ballNumbers[$place];

        return new CallOut(
            $station,
            $this->tallies[$station]->lengthMetres,
            $ball + 1,
            $this->drill->task($ball),
            $this->acceptanceAhead($place),
            $this->drill->stations[$station]->name,
            $this->drill->stations[$station]->backstroke?->metres(),
        );
    }

    private function course(): Course
    {
        $certain = $this->certainToCome();

        return $this->drill->onMiss->holdsUp()
            ? new Course($this->legsOfRound(), max(0, $this->place), $certain)
            : new Course((clone $this)->legsInARow(), 0, $certain);
    }

    /** @return positive-int balls that will be rolled whatever happens, the next one at least */
    private function certainToCome(): int
    {
        $left = count($this->round) - $this->place;
        $byEnd = $this->drill->end->certainBalls($this->progress, $left, $this->drill->mostPoints());
        $byCap = $this->drill->cap->balls === null ? $byEnd : min($byEnd, $this->drill->cap->balls - $this->progress->balls);

        return max(1, $byCap);
    }

    /**
     * Every place of the round, each with the place a miss sends it back to. What comes after the
     * round, where the drill does not end there, is not laid out.
     *
     * @return non-empty-list<Leg>
     */
    private function legsOfRound(): array
    {
        $legs = [];
        foreach ($this->round as $place => $station) {
            $legs[] = new Leg(
                $this->callOut($place),
                $place + 1 < count($this->round) ? $place + 1 : null,
                match ($this->drill->onMiss) {
                    OnMiss::RestartAll => 0,
                    OnMiss::RestartStation => max(0, $place - $this->ballNumbers[$place]),
                    default => $place,
                },
            );
        }

        return $legs;
    }

    /** What passes at a place; null where it hangs on a ball not rolled yet. */
    private function acceptanceAhead(int $place): ?Acceptance
    {
        $isNext = $place === $this->place && !$this->isWalkedAhead;
        $hangsOnLast = $this->ladder !== null || ($this->drill->pass->hangsOnEarlier() && $this->ballNumbers[$place] > 0);

        return $hangsOnLast && !$isNext
            ? null
            : $this->drill->pass->acceptance($this->context($place, $isNext ? $this->lastDistance : null, $isNext ? $this->firstRoll : null));
    }

    /**
     * Ball after ball, through as many rounds as there are, until the end that no ball can change.
     * Walks this run on, so it is asked of a copy.
     *
     * @return non-empty-list<Leg>
     */
    private function legsInARow(): array
    {
        $legs = [];
        do {
            $callOut = $this->callOut($this->place);
            $this->isWalkedAhead = true;
            $this->progress = new DrillProgress(
                $this->progress->balls + 1,
                $this->progress->rounds,
                $this->progress->points,
                $this->progress->milliseconds,
            );
            $this->advance();
            $isOver = $this->drill->end->isReached($this->progress) || $this->drill->cap->isReached($this->progress);
            $next = $isOver || count($legs) + 1 === self::LONGEST_COURSE ? null : count($legs) + 1;
            $legs[] = new Leg($callOut, $next, $next);
        } while ($next !== null);

        return $legs;
    }

    /**
     * A miss goes back to a ball with another number, so only the next one is certain; the rest of
     * the round is where nothing restarts.
     */
    private function certainDespiteRestarts(int $left): int
    {
        return $this->drill->onMiss->holdsUp() ? 1 : $left;
    }
}
