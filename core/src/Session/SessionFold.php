<?php

declare(strict_types=1);

namespace Amble\Core\Session;

use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Session\Event\BallReassigned;
use Amble\Core\Session\Event\SetupCounted;

/**
 * A session's state while its events are laid over it, one after another.
 *
 * @internal to the log and the kinds of event
 */
final class SessionFold
{
    /** @var array<string, BallLogged> by id, in order */
    private array $logged = [];

    /** @var array<string, Ball> */
    private array $corrected = [];

    /** @var array<string, non-negative-int> */
    private array $corrections = [];

    /** @var array<string, Remarks> */
    private array $remarks = [];

    /** @var array<string, array<string, string|bool|int|float|null>> */
    private array $answers = [];

    /** @var array<string, SetupCounted> */
    private array $counts = [];

    /** @var array<string, SessionStation> by id, in the order they were first set */
    private array $stations = [];

    /** @var array<string, Condition> */
    private array $conditions = [];

    /** @var array<string, DismissedInsight> by key */
    private array $dismissedInsights = [];

    /** @var array<string, BallReassigned> the last of each ball */
    private array $given = [];

    /** @var array<string, GroupMember> by student, in the order they came */
    private array $groupMembers = [];

    /** @var array<string, RunChanges> by run */
    private array $runs = [];

    private ?string $readingId = null;

    /** @var list<CheckAttempt> in order */
    private array $checks = [];

    /** @var array<string, ChecklistAnswer> the latest look at each */
    private array $points = [];

    /** @var array<string, RollContext> what stood when each ball was rolled, by id */
    private array $whileRolling = [];

    private RollContext $during;

    public function __construct()
    {
        $this->during = new RollContext();
    }

    public function addPutt(BallLogged $event): void
    {
        $this->logged[$event->id] = $event;
        $this->whileRolling[$event->id] = $this->during;
    }

    public function correct(string $puttId, Ball $ball): void
    {
        $this->corrected[$puttId] = $ball;
        $this->corrections[$puttId] = ($this->corrections[$puttId] ?? 0) + 1;
        // A correction says the whole ball anew, remarks and all.
        unset($this->remarks[$puttId], $this->answers[$puttId]);
    }

    /** @param array<string, string|bool|int|float|null> $answers */
    public function remark(string $puttId, Remarks $remarks, array $answers): void
    {
        $this->remarks[$puttId] = $remarks;
        $this->answers[$puttId] = $answers + ($this->answers[$puttId] ?? []);
    }

    public function count(SetupCounted $event): void
    {
        $this->counts["$event->runId {$event->item->value} $event->name"] = $event;
    }

    public function setStation(SessionStation $station): void
    {
        $this->stations[$station->id] = $station;
    }

    public function removeStation(string $stationId): void
    {
        unset($this->stations[$stationId]);
    }

    public function noteCondition(Condition $condition, bool $isSeen): void
    {
        unset($this->conditions[$condition->value]);
        if ($isSeen) {
            $this->conditions[$condition->value] = $condition;
        }
    }

    public function dismissInsight(DismissedInsight $note, bool $isAside): void
    {
        unset($this->dismissedInsights[$note->key]);
        if ($isAside) {
            $this->dismissedInsights[$note->key] = $note;
        }
    }

    public function give(BallReassigned $event): void
    {
        $this->given[$event->puttId] = $event;
    }

    public function noteCompany(GroupMember $companion): void
    {
        $this->groupMembers[$companion->student] = $companion;
    }

    public function run(string $runId): RunChanges
    {
        return $this->runs[$runId] ?? new RunChanges();
    }

    public function noteRun(string $runId, RunChanges $notes): void
    {
        $this->runs[$runId] = $notes;
    }

    public function addCheck(CheckAttempt $try): void
    {
        $this->checks[] = $try;
    }

    public function seePoint(ChecklistAnswer $point): void
    {
        unset($this->points[$point->place()]);
        if ($point->sight !== null) {
            $this->points[$point->place()] = $point;
        }
    }

    public function beginPart(?SessionPart $part): void
    {
        $this->during = $this->during->begin($part);
    }

    public function noteDisturbance(Disturbance $disturbance, bool $isOn): void
    {
        $this->during = $this->during->note($disturbance, $isOn);
    }

    public function chooseReading(?string $readingId): void
    {
        $this->readingId = $readingId;
    }

    /** @param int $latest Unix milliseconds of the last thing that happened */
    public function log(int $latest = 0): SessionLog
    {
        $putts = [];
        foreach ($this->logged as $id => $event) {
            $ball = $this->corrected[$id] ?? $event->ball;
            $putts[] = new LoggedBall(
                $event->id,
                $event->atMilliseconds,
                isset($this->remarks[$id]) ? $ball->remarked($this->remarks[$id], $this->answers[$id] ?? []) : $ball,
                $this->corrections[$id] ?? 0,
                isset($this->given[$id]) ? $event->belonging->givenTo($this->given[$id]) : $event->belonging,
                $this->whileRolling[$id],
            );
        }

        return new SessionLog(
            putts: $putts,
            counts: array_values($this->counts),
            stations: array_values($this->stations),
            conditions: array_values($this->conditions),
            dismissedInsights: array_values($this->dismissedInsights),
            groupMembers: array_values($this->groupMembers),
            runs: $this->runs,
            readingId: $this->readingId,
            checks: $this->checks,
            points: array_values($this->points),
            during: $this->during,
            latestMilliseconds: $latest,
        );
    }
}
