<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Models\Coach;
use App\Models\Role;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What an import brings, and what of the workspace it rests on. */
final class ImportScope
{
    /** @var array<string, list<string>> ids of what it brings, by table */
    private array $ids = [];

    /** @var list<string> sessions of the workspace to which it adds lines, drills or measurements */
    public readonly array $touched;

    /**
     * @var array<string, array<string, true>> ids by table of what hangs on students, greens and sessions the workspace
     *     has: it would be seen at once
     */
    private array $late = [];

    /**
     * @param string $id of the import, and of the workspace its records belong to until they are complete
     * @param array<string, list<array<string, mixed>>> $new rows by table, in the file's order
     * @param array<string, array<string, int>> $places of each row in the file, by table and id
     */
    public function __construct(
        public readonly string $id,
        public readonly Coach $coach,
        public readonly array $new,
        private readonly array $places,
    ) {
        foreach ($new as $table => $rows) {
            $this->ids[$table] = array_map(static fn(array $row): string => (string) $row['id'], $rows);
        }
        $isNew = array_flip($this->idsOf('practice_sessions'));
        $touched = [];
        foreach (['session_events', 'drill_runs', 'green_speed_measurements'] as $table) {
            foreach ($new[$table] as ['practice_session_id' => $session]) {
                if (is_string($session) && !isset($isNew[$session])) {
                    $touched[$session] = true;
                }
            }
        }
        $this->touched = array_map(strval(...), array_keys($touched));
        $this->late = $this->hangingOn($new);
    }

    /** @return list<string> ids of what it brings that nobody sees before the import is complete */
    public function earlyIdsOf(string $table): array
    {
        return array_values(array_filter($this->ids[$table], fn(string $id): bool => !isset($this->late[$table][$id])));
    }

    /** @return list<string> ids of what is written in the last step, with the rest becoming the workspace's */
    public function lateIdsOf(string $table): array
    {
        return array_map(strval(...), array_keys($this->late[$table] ?? []));
    }

    /**
     * @param array<string, list<array<string, mixed>>> $new
     *
     * @return array<string, array<string, true>>
     */
    private function hangingOn(array $new): array
    {
        $isNew = ['student_id' => array_flip($this->ids['students']), 'green_id' => array_flip($this->ids['greens'])];
        $isThere = static fn(string $column, mixed $id): bool => is_string($id) && !isset($isNew[$column][$id]);
        $sessions = array_fill_keys($this->touched, true);
        foreach (['practice_sessions', 'drill_runs', 'session_events'] as $table) {
            foreach ($new[$table] as $row) {
                $students = [$row['student_id'] ?? null, ...self::named($table, $row)];
                if (
                    array_filter($students, static fn(mixed $id): bool => $isThere('student_id', $id)) !== [] ||
                    $isThere('green_id', $row['green_id'] ?? null)
                ) {
                    $sessions[(string) ($row['practice_session_id'] ?? $row['id'])] = true;
                }
            }
        }
        $late = [];
        foreach ($new as $table => $rows) {
            foreach ($rows as $row) {
                $session = $table === 'practice_sessions' ? $row['id'] : $row['practice_session_id'] ?? null;
                if (
                    $isThere('student_id', $row['student_id'] ?? null) ||
                    $isThere('green_id', $row['green_id'] ?? null) ||
                    (is_string($session) && isset($sessions[$session]))
                ) {
                    $late[$table][(string) $row['id']] = true;
                }
            }
        }

        return $late;
    }

    /**
     * Students that a line of a log or a run names.
     *
     * @param array<string, mixed> $row
     *
     * @return list<mixed>
     */
    private static function named(string $table, array $row): array
    {
        return match ($table) {
            'session_events' => [json_decode((string) $row['payload'], true)['student'] ?? null],
            'drill_runs' => array_values((array) json_decode((string) ($row['students'] ?? '[]'), true)),
            default => [],
        };
    }

    /** @return list<string> */
    public function idsOf(string $table): array
    {
        return $this->ids[$table];
    }

    public function place(string $table, string $id): int
    {
        return $this->places[$table][$id];
    }

    /** @return list<string> ids of the sessions to be folded, new or added to, by the time they began */
    public function sessions(): array
    {
        $began =
            array_column($this->new['practice_sessions'], 'started_at', 'id') +
            DB::table('practice_sessions')->whereIn('id', $this->touched)->pluck('started_at', 'id')->all();
        asort($began);

        return array_map(strval(...), array_keys($began));
    }

    /**
     * Rows of the workspace that the new ones are folded and shown with, as belonging to the import.
     *
     * @return array<string, list<array<string, mixed>>> by table
     */
    public function context(): array
    {
        $workspace = $this->coach->workspace_id;
        $students = $this->students();
        $sessions = DB::table('practice_sessions')
            ->where('workspace_id', $workspace)
            ->where(fn(Builder $some) => $some->whereIn('id', $this->touched)->orWhereIn('student_id', $students))
            ->pluck('id')
            ->all();

        return [
            'workspaces' => $this->rows(DB::table('workspaces')->where('id', $workspace), [
                'id' => $this->id,
                'evidence_version' => 0,
            ]),
            'coaches' => $this->rows(DB::table('coaches')->where('id', $this->coach->id), [
                'workspace_id' => $this->id,
            ]),
            'memberships' => [
                [
                    'id' => $this->id,
                    'workspace_id' => $this->id,
                    'coach_id' => $this->coach->id,
                    'role' => Role::Owner->value,
                ],
            ],
            'greens' => $this->owned(DB::table('greens')->where('workspace_id', $workspace)),
            'green_speed_measurements' => $this->owned(
                DB::table('green_speed_measurements')->where('workspace_id', $workspace),
            ),
            'students' => $this->owned(
                DB::table('students')->where('workspace_id', $workspace)->whereIn('id', $students),
            ),
            'practice_sessions' => $this->owned(DB::table('practice_sessions')->whereIn('id', $sessions)),
            'drill_runs' => $this->owned(DB::table('drill_runs')->whereIn('practice_session_id', $this->touched)),
            'session_events' => $this->rows(
                DB::table('session_events')->whereIn('practice_session_id', $this->touched)->orderBy('position'),
                [],
            ),
            'balls' => $this->owned(DB::table('balls')->whereIn('practice_session_id', $sessions)),
        ];
    }

    /** @return list<string> students of the workspace whom the new records are about, or whose sessions they add to */
    public function students(): array
    {
        $named = [];
        foreach ($this->new as $table => $rows) {
            foreach ($rows as $row) {
                $named[(string) ($row['student_id'] ?? '')] = true;
                foreach (array_filter(self::named($table, $row), is_string(...)) as $student) {
                    $named[$student] = true;
                }
            }
        }
        $ofTouched = DB::table('practice_sessions')
            ->whereIn('id', $this->touched)
            ->whereNotNull('student_id')
            ->pluck('student_id')
            ->merge(
                DB::table('balls')
                    ->whereIn('practice_session_id', $this->touched)
                    ->whereNotNull('student_id')
                    ->distinct()
                    ->pluck('student_id'),
            )
            ->all();
        $named += array_fill_keys($ofTouched, true);
        $existing = array_diff(array_map(strval(...), array_keys($named)), $this->idsOf('students'), ['']);

        return array_values($existing);
    }

    /** @return list<array<string, mixed>> */
    private function owned(Builder $query): array
    {
        return $this->rows($query, ['workspace_id' => $this->id]);
    }

    /**
     * @param array<string, mixed> $instead what stands in some columns
     *
     * @return list<array<string, mixed>>
     */
    private function rows(Builder $query, array $instead): array
    {
        return array_values($query->get()->map(static fn(\stdClass $row): array => $instead + (array) $row)->all());
    }
}
