<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\JudgedBall;
use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Drill\RunPart;
use Amble\Core\Drill\SetupSheet;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Session\Ball;
use Amble\Core\Session\LoggedBall;
use Amble\Core\Session\Observation\ObservationTypes;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\SetupItem;

/** What a session's log and its drills make of each ball. Time: O(n log n) for n events. */
final class SessionBalls
{
    /** @var array<string, SessionRun> by id */
    private array $runs = [];

    /** @var array<string, JudgedBall> by putt id */
    private array $judged = [];

    /** @var array<string, true> ids of runs whose gate somebody looked at */
    private array $checked = [];

    /** @var array<string, positive-int> balls at each putt, by student */
    private array $attempts = [];

    /** @var array<string, array{string, positive-int}> the last putt of each student, and its block */
    private array $blocks = [];

    /** @param list<SessionRun> $runs */
    private function __construct(private readonly SessionLog $log, array $runs, private readonly ?string $student)
    {
        foreach ($runs as $run) {
            $this->runs[$run->id] = $run;
            $this->judge($run, $log->ofRun($run->id));
        }
        foreach ($log->counts as $count) {
            if ($count->item === SetupItem::Check && $count->name === SetupSheet::GATE_SEEN && $count->count > 0) {
                $this->checked[$count->runId] = true;
            }
        }
    }

    /**
     * @param list<SessionRun> $runs those of the session
     * @param string|null $student the session's own
     *
     * @return list<SessionBall> in the order they were rolled
     */
    public static function of(SessionLog $log, array $runs, ?string $student): array
    {
        $balls = new self($log, $runs, $student);

        return self::withPurpose(array_map($balls->ball(...), $log->putts));
    }

    /** In a group everyone runs the drill for themselves. */
    private function judge(SessionRun $run, SessionLog $log): void
    {
        foreach (RunPart::all($log, $run->students, $this->student) as $part) {
            $this->judged += $part->state(
                $run->card->rules,
                $run->seed,
                $run->finishPast($part->student ?? $this->student),
            )->judged;
        }
    }

    private function ball(LoggedBall $putt): SessionBall
    {
        $run = $this->runs[$putt->belonging->runId ?? ''] ?? null;
        $judged = $run === null ? null : $this->judged[$putt->id] ?? null;
        $student = $putt->belonging->student ?? $this->student;
        $putted = sprintf(
            '%s %.3f %.4f %.4f',
            $putt->belonging->runId,
            $putt->ball->target?->metres(),
            $putt->ball->grade->ratio(),
            $putt->ball->across->ratio(),
        );
        $attempt = $this->attempts["$student $putted"] = ($this->attempts["$student $putted"] ?? 0) + 1;
        [$before, $block] = $this->blocks[(string) $student] ?? [$putted, 1];
        $block += $before === $putted ? 0 : 1;
        $this->blocks[(string) $student] = [$putted, $block];
        $aid = $run?->card->rules->aid;

        return new SessionBall(
            putt: $putt,
            student: $student,
            run: $run,
            task: $judged?->task,
            verdict: $judged?->verdict,
            word: $run === null ? self::freeWord($putt->ball) : $judged?->word,
            attempt: $judged->attempt ?? $attempt,
            block: $block,
            aid: $aid,
            aidWidth: $aid === null ? null : $judged->aidWidth ?? $run->card->rules->aidWidth(null),
            isAidChecked: $aid !== null && ($aid->kind !== AidKind::Gate || isset($this->checked[$run->id])),
            isMeasuringStroke: $putt->ball->target === null ||
                $putt->ball->sight->word('purpose') === ObservationTypes::MEASURE_BACKSTROKE,
        );
    }

    /**
     * A stretch of like balls struck with several backstrokes on purpose measures the backstroke, whatever its station
     * says.
     *
     * @param list<SessionBall> $balls
     *
     * @return list<SessionBall>
     */
    private static function withPurpose(array $balls): array
    {
        $stretches = [];
        foreach ($balls as $i => $ball) {
            $stretches["$ball->student $ball->block"][] = $i;
        }
        foreach ($stretches as $places) {
            $free = array_values(
                array_filter(
                    $places,
                    static fn(int $i): bool => $balls[$i]->run === null && !$balls[$i]->isMeasuringStroke,
                ),
            );
            if (
                ChosenBackstrokes::areIn(
                    array_map(static fn(int $i): ?float => $balls[$i]->putt->ball->backstroke?->metres(), $free),
                )
            ) {
                foreach ($free as $i) {
                    $balls[$i] = $balls[$i]->measuringStroke();
                }
            }
        }

        return array_values($balls);
    }

    /** Outside a drill a ball is on inside the usual share of its length. */
    private static function freeWord(Ball $ball): ?LengthCall
    {
        return $ball->target === null ? null : Acceptance::usual($ball->target)->word($ball);
    }
}
