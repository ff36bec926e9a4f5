<?php

declare(strict_types=1);

namespace App\Actions;

use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\DrillState;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Session\SessionLog;
use Amble\Core\Simulation\ScriptState;
use Amble\Core\Simulation\ScriptStep;
use Amble\Core\Simulation\SessionScript;
use Amble\Core\Simulation\SimulatedGreen;
use Amble\Core\Units\Grade;
use App\Models\Coach;
use App\Models\DrillDefinition;
use App\Models\Green;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\DrillLibrary;
use App\Reports\SessionLogs;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Sessions with a simulated student on a simulated green: made, brought on a step at a time, and cleared away for good.
 */
final class SimulatedSession
{
    private const DRILL = 'never-twice';
    private const SPEED_FEET = 9.4;
    private const GRADE_PERCENT = 0.6;
    private const BUMPS = 0.02;

    public function __construct(
        private readonly DrillLibrary $library,
        private readonly SessionLogs $logs,
        private readonly ProjectSession $projector,
    ) {}

    /** The one that is under way; null where none is. */
    public static function underWay(Coach $coach): ?PracticeSession
    {
        /** @var Collection<int, PracticeSession> $walks */
        $walks = PracticeSession::query()
            ->where('workspace_id', $coach->workspace_id)
            ->whereIn(
                'student_id',
                Student::query()
                    ->where('workspace_id', $coach->workspace_id)
                    ->where('is_simulated', true)
                    ->select('id'),
            )
            ->orderByDesc('started_at')
            ->get();

        return $walks->first();
    }

    public function begin(Coach $coach, string $id): PracticeSession
    {
        return PracticeSession::once($id, $coach->workspace_id, function () use ($coach, $id): PracticeSession {
            $old = self::underWay($coach);
            if ($old !== null) {
                $this->clear($old);
            }
            $student = $coach->students()->make([
                'name' => 'Wren Tallow',
                'hand' => 'right',
                'level' => 'club',
                'unit' => $coach->unit,
                'finish_past_m' => 0.3,
                'school' => 'rule',
            ]);
            $student->forceFill(['is_simulated' => true])->save();
            $green = $coach->greens()->make(['name' => 'Simulated green', 'surface' => 'grass']);
            $green->forceFill(['is_simulated' => true])->save();

            return $coach->practiceSessions()->create([
                'id' => $id,
                'student_id' => $student->id,
                'green_id' => $green->id,
                'started_at' => now(),
                'purpose' => 'A simulated session',
            ]);
        });
    }

    /**
     * What comes next, and the drill it begins where it does; null once the session has ended.
     *
     * @param string|null $drill key of the one to be tried
     * @param list<string> $seen keys of the steps that were only looked at
     *
     * @return array{ScriptStep, \stdClass|null, PracticeRun|null}|null
     */
    public function next(PracticeSession $session, Coach $coach, ?string $drill, array $seen): ?array
    {
        $run = PracticeRun::query()->where('practice_session_id', $session->id)->get()->sortBy('id')->first();
        $definition = $run?->definition() ?? $this->drill($coach, $drill);
        $card = DrillDefinition::card($definition);
        $log = $this->logs->of($session);
        $green = new SimulatedGreen(
            GreenSpeed::ofFeet(self::SPEED_FEET),
            Grade::ofPercent(self::GRADE_PERCENT),
            self::BUMPS,
        );
        $step = (new SessionScript($green, $card->rules, $card->name, crc32($session->id)))->next(
            self::state(
                $session,
                $log,
                $run === null ? null : self::drillState($run, $log, $session->student->finish_past_m ?? 0.0),
                $seen,
            ),
        );

        return $step === null ? null : [$step, $step->begins ? $definition : null, $run];
    }

    /** All of it goes for good. */
    public function clear(PracticeSession $session): void
    {
        DB::transaction(function () use ($session): void {
            $student = $session->student;
            $green = $session->green;
            assert($student !== null);
            (new EraseStudent($student))->erase($this->projector);
            if ($green instanceof Green && $green->is_simulated) {
                $green->forceDelete();
            }
        });
    }

    private function drill(Coach $coach, ?string $key): \stdClass
    {
        $found = $this->library->ofWorkspace($coach);

        return $found[$key ?? self::DRILL] ?? $found[self::DRILL];
    }

    /** @param list<string> $seen */
    private static function state(
        PracticeSession $session,
        SessionLog $log,
        ?DrillState $drill,
        array $seen,
    ): ScriptState {
        $reading = GreenSpeedMeasurement::query()
            ->where('practice_session_id', $session->id)
            ->latest('taken_at')
            ->first();
        $rolls = static fn(string $field): array => array_values(
            array_map(
                static fn(mixed $metres): float => is_numeric($metres) ? (float) $metres : 0.0,
                (array) ($reading->entries[$field] ?? []),
            ),
        );

        return new ScriptState(
            $log,
            [$rolls('direction_1_m'), $rolls('direction_2_m')],
            $reading !== null && $reading->method->value !== 'ramp',
            $drill,
            $session->note_for_next !== null || $session->note_for_student !== null,
            $session->ended_at !== null,
            $seen,
        );
    }

    private static function drillState(PracticeRun $run, SessionLog $log, float $finishPastM): DrillState
    {
        return DrillRun::ofPutts(
            DrillDefinition::card($run->definition())->rules->playedPast($finishPastM),
            $log->ofRun($run->id)->putts,
            $run->seed,
        );
    }
}
