<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Session\Presence;
use Amble\Core\Session\SessionPart;
use Amble\Core\Student\Retention;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * @property string|null $student_id
 * @property string|null $green_id
 * @property int|null $minutes
 * @property string|null $purpose
 * @property list<string> $conditions as the log has them
 * @property list<array{id: string, length_m: float, said: string, grade_percent: float|null, across_percent: float|null}> $stations as the log has them
 * @property list<array{student: string, standing: string}> $group_members as the log has it; whoever the session was begun for may be missing
 * @property string|null $chosen_measurement_id of the reading that the coach chose to stand
 * @property list<string> $dismissed_insights keys of margin notes put away, as the log has them
 * @property array{part: string|null, disturbances: list<string>} $during what stands now, as the log has it
 * @property array<string, int> $kit_out pieces counted out and not back, by name
 * @property int $latest_ms when the last thing of its log happened, Unix milliseconds; 0 before anything did
 * @property string|null $kit_word why some of it stays out
 * @property array<string, mixed>|null $plan as the core's Plan gives it
 * @property string|null $note_for_student
 * @property string|null $note_for_next
 * @property bool $is_planned whether it was planned ahead and is not started yet
 * @property bool $is_home whether the student rolled it alone, at home, behind their link
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $ended_at
 * @property CarbonImmutable|null $deleted_at when it was put away
 * @property-read Student|null $student
 * @property-read Green|null $green
 */
final class PracticeSession extends WorkspaceModel
{
    use SoftDeletes;

    /** So long one that was put away can be brought back. */
    public const KEPT_AWAY_DAYS = Retention::GRACE_DAYS;

    protected $fillable = [
        'id',
        'workspace_id',
        'coach_id',
        'student_id',
        'green_id',
        'minutes',
        'purpose',
        'note_for_student',
        'note_for_next',
        'kit_word',
        'plan',
        'is_home',
        'is_planned',
        'started_at',
        'ended_at',
    ];

    /** @var array<string, mixed> */
    protected $attributes = [
        'conditions' => '[]',
        'stations' => '[]',
        'dismissed_insights' => '[]',
        'group_members' => '[]',
        'during' => '{"part":null,"disturbances":[]}',
        'kit_out' => '[]',
        'latest_ms' => 0,
        'is_home' => false,
        'is_planned' => false,
    ];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsToEvenGone(Student::class, 'student_id');
    }

    /** @return BelongsTo<Green, $this> */
    public function green(): BelongsTo
    {
        return $this->belongsToEvenGone(Green::class, 'green_id');
    }

    /** @return HasMany<PracticeRun, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(PracticeRun::class);
    }

    /**
     * Those of people that were started: none that is simulated, none that is only planned.
     *
     * @param Builder<self> $sessions
     */
    public static function ofPeople(Builder $sessions): void
    {
        $sessions
            ->where('is_planned', false)
            ->where(
                static fn(Builder $either) => $either
                    ->whereNull('student_id')
                    ->orWhereNotIn(
                        'student_id',
                        static fn(Rows $rows) => $rows->from('students')->select('id')->where('is_simulated', true),
                    ),
            );
    }

    /** A student's balls of sessions that a coach was at; of others the student alone says what they did. */
    public static function ballsSeenOf(Student $student): Rows
    {
        return DB::table('balls')
            ->where('student_id', $student->id)
            ->whereNotIn(
                'practice_session_id',
                static fn(Rows $rows) => $rows
                    ->from('practice_sessions')
                    ->select('id')
                    ->where('student_id', $student->id)
                    ->where('is_home', true),
            );
    }

    /**
     * Everybody on the session, whoever it was begun for first.
     *
     * @return list<array{student: string, name: string, standing: string}>
     */
    public function companions(): array
    {
        $standings = array_column($this->group_members, 'standing', 'student');
        if ($this->student_id !== null) {
            $standings = [$this->student_id => $standings[$this->student_id] ?? Presence::Here->value] + $standings;
        }
        $names =
            $standings === []
                ? collect()
                : Student::withTrashed()->whereKey(array_keys($standings))->pluck('name', 'id');
        $companions = [];
        foreach ($standings as $student => $standing) {
            $companions[] = [
                'student' => (string) $student,
                'name' => (string) $names->get($student),
                'standing' => $standing,
            ];
        }

        return $companions;
    }

    /**
     * @param list<string>|null $only ids of those that are wanted; null for all
     *
     * @return Collection<int, \stdClass> the standing balls, in the order they were rolled
     */
    public function ballRows(?array $only = null): Collection
    {
        $rows = BallRecord::query()->toBase()->where('practice_session_id', $this->id)->orderBy('place');

        return ($only === null ? $rows : $rows->whereIn('id', $only))->get();
    }

    /** Whether balls are being watched before anything is said. */
    public function isBaseline(): bool
    {
        return $this->ended_at === null && $this->during['part'] === SessionPart::Baseline->value;
    }

    /** @return list<array<string, mixed>> tries at checks, in the order they were made */
    public function checkTries(): array
    {
        /** @var Collection<int, CheckAttemptRecord> $attempts */
        $attempts = CheckAttemptRecord::query()
            ->where('practice_session_id', $this->id)
            ->orderBy('at_ms')
            ->orderBy('id')
            ->get();

        return array_values(
            $attempts
                ->map(
                    static fn(CheckAttemptRecord $row): array => [
                        'id' => $row->id,
                        'at_ms' => $row->at_ms,
                        'student' => $row->student_id,
                        'check' => $row->kind,
                        'answers' => (object) $row->answers,
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> the latest look at each point of a card */
    public function cardSights(): array
    {
        /** @var Collection<int, ChecklistAnswerRecord> $answers */
        $answers = ChecklistAnswerRecord::query()->where('practice_session_id', $this->id)->orderBy('id')->get();

        return array_values(
            $answers
                ->map(
                    static fn(ChecklistAnswerRecord $row): array => [
                        'student' => $row->student_id,
                        'card' => $row->card,
                        'point' => $row->point,
                        'sight' => $row->sight,
                        'word' => $row->word,
                    ],
                )
                ->all(),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'conditions' => 'array',
            'plan' => 'array',
            'stations' => 'array',
            'dismissed_insights' => 'array',
            'group_members' => 'array',
            'during' => 'array',
            'kit_out' => 'array',
            'latest_ms' => 'integer',
            'is_home' => 'boolean',
            'is_planned' => 'boolean',
            'started_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
            'deleted_at' => 'immutable_datetime',
        ];
    }
}
