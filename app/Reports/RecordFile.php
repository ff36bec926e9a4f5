<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Student;
use App\Models\Workspace;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Everything that was entered in a workspace, or of one student, to be kept elsewhere and brought back to the same
 * state.
 */
final readonly class RecordFile
{
    /**
     * @param 'workspace'|'student' $of
     * @param array<string, list<array<string, mixed>>> $tables
     */
    private function __construct(private string $of, private string $name, public array $tables) {}

    public static function ofWorkspace(Workspace $workspace): self
    {
        $tables = [];
        foreach (array_keys(RecordTables::TABLES) as $table) {
            $rows = DB::table($table);
            $tables[$table] = self::rows(
                $table,
                $table === 'session_events'
                    ? $rows->whereIn(
                        'practice_session_id',
                        DB::table('practice_sessions')->where('workspace_id', $workspace->id)->select('id'),
                    )
                    : $rows->where('workspace_id', $workspace->id),
            );
        }

        return new self('workspace', $workspace->name, self::withoutMadeUp($tables, $workspace));
    }

    /**
     * A walk along is nobody's record.
     *
     * @param array<string, list<array<string, mixed>>> $tables
     *
     * @return array<string, list<array<string, mixed>>>
     */
    private static function withoutMadeUp(array $tables, Workspace $workspace): array
    {
        $ids = static fn(string $table): array => DB::table($table)
            ->where('workspace_id', $workspace->id)
            ->where('is_simulated', true)
            ->pluck('id')
            ->all();
        $madeUp = ['student_id' => $ids('students'), 'green_id' => $ids('greens')];
        $madeUp['practice_session_id'] = DB::table('practice_sessions')
            ->whereIn('student_id', $madeUp['student_id'])
            ->pluck('id')
            ->all();
        $own = array_flip(RecordTables::POINTS);

        $kept = array_map(
            static fn(string $table, array $rows): array => array_values(
                array_filter($rows, static function (array $row) use ($madeUp, $own, $table): bool {
                    $row += isset($own[$table]) ? [$own[$table] => $row['id']] : [];
                    foreach ($madeUp as $column => $some) {
                        if (in_array($row[$column] ?? null, $some, true)) {
                            return false;
                        }
                    }

                    return true;
                }),
            ),
            array_keys($tables),
            $tables,
        );

        return array_combine(array_keys($tables), $kept);
    }

    /** Of one student: their own sessions whole, and of others' sessions what says this student. */
    public static function ofStudent(Student $student): self
    {
        $sessions = EventSubjects::sessionsOf($student);
        $greens = DB::table('practice_sessions')
            ->whereIn('id', $sessions)
            ->whereNotNull('green_id')
            ->distinct()
            ->pluck('green_id')
            ->all();
        $of = [
            'students' => ['id', [$student->id]],
            'greens' => ['id', $greens],
            'practice_sessions' => ['id', $sessions],
            'green_speed_measurements' => ['practice_session_id', $sessions],
            'drill_runs' => ['practice_session_id', $sessions],
            'session_events' => ['practice_session_id', $sessions],
            'rounds' => ['student_id', [$student->id]],
            'take_home_cards' => ['student_id', [$student->id]],
            'putters' => ['student_id', [$student->id]],
            'guesses' => ['student_id', [$student->id]],
            'homework_entries' => ['student_id', [$student->id]],
        ];
        $tables = [];
        foreach (array_keys(RecordTables::TABLES) as $table) {
            [$column, $ids] = $of[$table] ?? ['id', []];
            $tables[$table] = self::rows($table, DB::table($table)->whereIn($column, $ids));
        }

        return new self('student', $student->name, self::withoutOthers($tables, $student->id));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'format' => RecordTables::FORMAT,
            'version' => RecordTables::VERSION,
            'of' => $this->of,
            'name' => $this->name,
            'made_at' => CarbonImmutable::now()->toIso8601ZuluString(),
            'tables' => $this->tables,
        ];
    }

    /**
     * Nothing of anybody else: neither their balls, nor that they were there, nor the cards of sessions begun for them.
     *
     * @param array<string, list<array<string, mixed>>> $tables
     *
     * @return array<string, list<array<string, mixed>>>
     */
    private static function withoutOthers(array $tables, string $student): array
    {
        $said = EventSubjects::inSessions(array_map(strval(...), array_column($tables['practice_sessions'], 'id')));
        $kept = [];
        foreach ($tables['session_events'] as $event) {
            $id = (string) $event['id'];
            if (!$said->isOfSomebodyBut($id, $student)) {
                // Brought back to a session that is the others' meanwhile, a line must say itself whose it is.
                $kept[] =
                    $said->isOf($id, $student) && $said->isShared((string) $event['practice_session_id'])
                        ? self::naming($event, $student)
                        : $event;
            }
        }
        $tables['session_events'] = $kept;
        $tables['practice_sessions'] = array_map(
            static fn(array $session): array => $session['student_id'] === $student
                ? $session
                : array_replace($session, [
                    'student_id' => null,
                    'purpose' => null,
                    'note_for_student' => null,
                    'note_for_next' => null,
                ]),
            $tables['practice_sessions'],
        );
        $tables['drill_runs'] = array_map(
            static fn(array $run): array => array_replace($run, [
                'students' => array_values(array_intersect((array) $run['students'], [$student])),
            ]),
            $tables['drill_runs'],
        );

        return $tables;
    }

    /**
     * @param array<string, mixed> $event
     *
     * @return array<string, mixed>
     */
    private static function naming(array $event, string $student): array
    {
        $payload = (object) $event['payload'];
        if (in_array($event['type'], EventSubjects::OF_ONE_BY_NAME, true)) {
            $payload->student ??= $student;
        }

        return ['payload' => $payload] + $event;
    }

    /** @return list<array<string, mixed>> */
    private static function rows(string $table, Builder $query): array
    {
        $columns = RecordTables::TABLES[$table];
        $rows = [];
        foreach (
            $query->orderBy($table === 'session_events' ? 'position' : 'id')->get(['id', ...array_keys($columns)])
            as $row
        ) {
            $told = ['id' => $row->id];
            foreach ($columns as $column => $kind) {
                $told[$column] = self::value($row->{$column}, $kind);
            }
            $rows[] = $told;
        }

        return $rows;
    }

    private static function value(mixed $value, string $kind): mixed
    {
        return $value === null || !is_scalar($value)
            ? null
            : match ($kind) {
                'j' => json_decode((string) $value, false, 64, JSON_THROW_ON_ERROR),
                'n' => (float) $value,
                'i' => (int) $value,
                'b' => (bool) $value,
                default => (string) $value,
            };
    }
}
