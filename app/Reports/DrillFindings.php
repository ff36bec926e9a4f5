<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Change\FindingChange;
use Amble\Core\Contract\FindingShape;
use Amble\Core\Distance\UsualLength;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\Finding\FindingBalls;
use Amble\Core\Drill\Finding\FindingKinds;
use Amble\Core\Drill\Level\PreviousRun;
use Amble\Core\Drill\RunPart;
use Amble\Core\Drill\Verdict;
use Amble\Core\Evidence\SessionRun;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\LoggedBall;
use Amble\Core\Session\SessionLog;
use App\Models\DrillFindingRecord;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Support\Collection;

/** Keeps what runs found, and lays each beside the time before. */
final class DrillFindings
{
    /** The last so many judged balls earn a level, or lose one. */
    private const RECENT = 10;

    /** A student's ledger opens with so many runs. */
    private const LATEST = 60;

    public function __construct(private readonly BallRepository $evidence) {}

    /**
     * Rewrite what runs of a session found; to be called inside the transaction that changed its log.
     *
     * @param list<SessionRun> $runs those whose balls changed
     */
    public function write(PracticeSession $session, SessionLog $log, array $runs): void
    {
        foreach ($runs as $run) {
            DrillFindingRecord::query()->where('run_id', $run->id)->delete();
            foreach (RunPart::all($log->ofRun($run->id), $run->students, $session->student_id) as $part) {
                if ($part->putts !== []) {
                    DrillFindingRecord::query()->create($this->row($session, $run, $part));
                }
            }
        }
    }

    /** Take away what runs found that no longer have a ball. */
    public function forget(PracticeSession $session, SessionLog $log): void
    {
        $rolledIn = array_filter(
            array_map(static fn(LoggedBall $putt): ?string => $putt->belonging->runId, $log->putts),
        );
        DrillFindingRecord::query()
            ->where('practice_session_id', $session->id)
            ->whereNotIn('run_id', array_unique($rolledIn))
            ->delete();
    }

    /** @return array<string, mixed> */
    private function row(PracticeSession $session, SessionRun $run, RunPart $part): array
    {
        $student = $part->student ?? $session->student_id;
        $putts = $part->putts;
        $finishPast = $run->finishPast($student);
        $state = $part->state($run->card->rules, $run->seed, $finishPast);
        $usual = in_array('usual', $run->card->finds, true) ? $this->usual($session, $student) : null;
        $findings = FindingKinds::of(FindingBalls::of($run->card, $putts, $state, $usual, $finishPast));

        return [
            'run_id' => $run->id,
            'practice_session_id' => $session->id,
            'workspace_id' => $session->workspace_id,
            'student_id' => $student,
            'drill' => $run->card->key,
            'name' => $run->card->name,
            'at_ms' => max(array_map(static fn(LoggedBall $putt): int => $putt->atMilliseconds, $putts) ?: [0]),
            'balls' => $state->balls,
            'phase' => $state->phase->value,
            'level' => $run->card->level,
            'rung' => $run->card->rules->steps === null ? null : $state->rung,
            'recent' => self::recent($state),
            'findings' => array_map(FindingShape::toArray(...), array_keys($findings), array_values($findings)),
        ];
    }

    /** @return list<bool> */
    private static function recent(DrillState $state): array
    {
        $verdicts = [];
        foreach ($state->judged as $judged) {
            if ($judged->verdict === Verdict::Passed || $judged->verdict === Verdict::Missed) {
                $verdicts[] = $judged->verdict === Verdict::Passed;
            }
        }

        return array_slice($verdicts, -self::RECENT);
    }

    private function usual(PracticeSession $session, ?string $student): ?UsualLength
    {
        $student = $student === null ? null : Student::withTrashed()->find($student);

        return $student instanceof Student ? $this->evidence->usualLength($student, $session) : null;
    }

    /** @return list<array<string, mixed>> a run's, with how each stands to the time before */
    public function ofRun(string $runId, ?string $student): array
    {
        $row = DrillFindingRecord::withTimeBefore()->where('run_id', $runId)->where('student_id', $student)->first();

        return $row === null ? [] : $this->besideLastTime($row);
    }

    /** @return Collection<int, DrillFindingRecord> what every run of a session found, in their order */
    public function ofSession(PracticeSession $session): Collection
    {
        /** @var Collection<int, DrillFindingRecord> $rows */
        $rows = DrillFindingRecord::withTimeBefore()
            ->where('practice_session_id', $session->id)
            ->orderBy('at_ms')
            ->orderBy('id')
            ->get();

        return $rows;
    }

    /** @return Collection<int, DrillFindingRecord> what a student's runs found, the latest first */
    public function ofStudent(Student $student): Collection
    {
        /** @var Collection<int, DrillFindingRecord> $rows */
        $rows = DrillFindingRecord::withTimeBefore()
            ->where('student_id', $student->id)
            ->orderByDesc('at_ms')
            ->orderByDesc('id')
            ->limit(self::LATEST)
            ->get();

        return $rows;
    }

    /** How a student left a drill when they last rolled it; null when they never have. */
    public function lastTime(Student $student, string $drill): ?PreviousRun
    {
        $row = DrillFindingRecord::query()
            ->where('student_id', $student->id)
            ->where('drill', $drill)
            ->orderByDesc('at_ms')
            ->orderByDesc('id')
            ->first();

        return $row === null
            ? null
            : new PreviousRun(max(0, $row->level), $row->recent, $row->rung === null ? null : max(0, $row->rung));
    }

    /** @return list<array<string, mixed>> of a row that was asked for with the time before */
    public function besideLastTime(DrillFindingRecord $row): array
    {
        $before = $row->before;
        $then = $before === null ? [] : array_column($before->findings, null, 'kind');

        return array_map(
            static fn(array $finding): array => $finding + [
                'since' =>
                    $before === null || !isset($then[self::kind($finding)])
                        ? null
                        : [
                            'at_ms' => $before->at_ms,
                            'sentence' => FindingChange::sentence(
                                FindingShape::figure(self::json($then[self::kind($finding)])),
                                FindingShape::figure(self::json($finding)),
                            ),
                        ],
            ],
            $row->findings,
        );
    }

    /** @param array<string, mixed> $finding */
    private static function kind(array $finding): string
    {
        return is_string($finding['kind'] ?? null) ? $finding['kind'] : '';
    }

    private static function json(mixed $finding): JsonInput
    {
        return JsonInput::parse(json_encode($finding, JSON_THROW_ON_ERROR));
    }
}
