<?php

declare(strict_types=1);

namespace App\Actions\Import;

use Amble\Core\Exception\InvalidInput;
use App\Actions\ProjectSession;
use App\Actions\RefreshStrokeSummaries;
use App\Models\ErasedRecord;
use App\Models\PracticeSession;
use App\Models\RecordImport;
use App\Models\Student;
use App\Models\Workspace;
use App\Reports\RecordTables;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Writes what an import brings, folded as it is, in pieces between which others write. Until all are there they belong
 * to a workspace that has no member; then they become the workspace's in one step. An import that ends before is taken
 * back.
 */
final readonly class ImportWriter
{
    private const PIECE = 400;
    private const SESSIONS_A_PIECE = 10;

    /**
     * Others who wait for the database get in between two pieces: a pause as long as the piece took, and at least so
     * many microseconds. SQLite looks every tenth of a second whether its turn has come, and would miss a short one
     * again and again.
     */
    private const PAUSE_US = 20_000;

    /** One that wrote nothing for so long has ended without a word: killed, say. */
    private const ABANDONED_AFTER_S = 120;

    /** Tables that are worked out from a session's log. */
    private const OF_SESSIONS = ['balls', 'check_attempts', 'checklist_answers', 'findings', 'dismissed_insights'];

    /** Worked out from the events; like the tables of the file, each row names its workspace. */
    private const WORKED_OUT = ['balls', 'findings', 'stroke_summaries'];

    public function __construct(private ProjectSession $projector, private RefreshStrokeSummaries $summaries) {}

    /**
     * @return \Generator<int, ImportProgress>
     */
    public function write(ImportScope $scope, StagingDatabase $staging): \Generator
    {
        $import = self::begin($scope);
        $isComplete = false;
        try {
            $of = array_sum(array_map(count(...), $scope->new));
            $done = 0;
            yield new ImportProgress('writing', 0, $of);
            foreach (self::pieces($scope) as [$count, $read]) {
                $piece = $staging->within($read);
                $beganNs = hrtime(true);
                DB::transaction(static function () use ($piece, $import): void {
                    self::insert($piece);
                    $import->touch();
                });
                usleep(max(self::PAUSE_US, intdiv(hrtime(true) - $beganNs, 1000)));
                yield new ImportProgress('writing', ($done += $count), $of);
            }
            $late = $staging->within(static fn(): array => self::late($scope));
            DB::transaction(fn() => $this->complete($scope, $import, $late));
            $isComplete = true;
        } finally {
            // Also where whoever asked has gone away: what is not complete does not stay.
            $isComplete ? null : self::takeBack($import);
        }
        foreach (Student::withTrashed()->whereKey($scope->students())->get() as $student) {
            $this->summaries->refresh($student);
        }
        yield new ImportProgress('writing', $of, $of);
    }

    /** Take back what imports left that ended without a word; an import under way is left alone. */
    public static function takeBackAll(): int
    {
        $abandoned = RecordImport::query()
            ->where('updated_at', '<', CarbonImmutable::now()->subSeconds(self::ABANDONED_AFTER_S))
            ->get();
        $abandoned->each(self::takeBack(...));

        return $abandoned->count();
    }

    /**
     * Take back what an import into a workspace left that ended without a word.
     *
     * @throws InvalidInput If one is under way.
     */
    public static function makeWay(string $workspace): void
    {
        foreach (RecordImport::query()->where('workspace_id', $workspace)->get() as $import) {
            if ($import->updated_at->addSeconds(self::ABANDONED_AFTER_S)->isFuture()) {
                throw InvalidInput::at(
                    'tables',
                    'Another import is running in this workspace. Wait until it ends, then try again.',
                );
            }
            self::takeBack($import);
        }
    }

    private static function begin(ImportScope $scope): RecordImport
    {
        return DB::transaction(static function () use ($scope): RecordImport {
            DB::table('workspaces')->insert([
                'id' => $scope->id,
                'name' => 'Import',
                'evidence_version' => 0,
                'created_at' => now(),
                'updated_at' => now(),
            ]);

            return RecordImport::query()->forceCreate([
                'id' => $scope->id,
                'workspace_id' => $scope->coach->workspace_id,
                'coach_id' => $scope->coach->id,
            ]);
        });
    }

    /** In pieces too: with a session its log and balls go. */
    private static function takeBack(RecordImport $import): void
    {
        do {
            $sessions = DB::table('practice_sessions')
                ->where('workspace_id', $import->id)
                ->limit(self::SESSIONS_A_PIECE)
                ->pluck('id');
            DB::table('practice_sessions')->whereIn('id', $sessions)->delete();
        } while ($sessions->isNotEmpty());
        DB::transaction(static function () use ($import): void {
            DB::table('workspaces')->where('id', $import->id)->delete();
            $import->delete();
        });
    }

    /**
     * @return iterable<array{int, \Closure(): array<string, list<array<string, mixed>>>}> how many rows of the file,
     *     and what reads them, folded as
     *                                                                                    they are, by table
     */
    private static function pieces(ImportScope $scope): iterable
    {
        foreach (array_keys(RecordTables::TABLES) as $table) {
            foreach (array_chunk($scope->earlyIdsOf($table), self::PIECE) as $ids) {
                yield [count($ids), static fn(): array => [$table => self::rows($table, 'id', $ids)]];
            }
        }
        foreach (array_chunk($scope->earlyIdsOf('practice_sessions'), self::SESSIONS_A_PIECE) as $sessions) {
            yield [0, static fn(): array => self::ofSessions($sessions)];
        }
        foreach (array_chunk($scope->idsOf('students'), self::PIECE) as $students) {
            yield [
                0,
                static fn(): array => ['stroke_summaries' => self::rows('stroke_summaries', 'student_id', $students)],
            ];
        }
    }

    /**
     * @param list<string> $sessions
     *
     * @return array<string, list<array<string, mixed>>> what is worked out from their logs, by table
     */
    private static function ofSessions(array $sessions): array
    {
        return array_combine(
            self::OF_SESSIONS,
            array_map(
                static fn(string $table): array => self::rows($table, 'practice_session_id', $sessions),
                self::OF_SESSIONS,
            ),
        );
    }

    /**
     * What hangs on students, greens and sessions that the workspace has, as its own: by table, in the order in which
     * it is written.
     *
     * @return array<string, list<array<string, mixed>>>
     */
    private static function late(ImportScope $scope): array
    {
        $late = [];
        foreach (array_keys(RecordTables::TABLES) as $table) {
            $late[$table] = array_merge(
                [],
                ...array_map(
                    static fn(array $ids): array => self::rows($table, 'id', $ids),
                    array_chunk($scope->lateIdsOf($table), self::PIECE),
                ),
            );
        }
        $late += self::ofSessions($scope->lateIdsOf('practice_sessions'));
        $own = static fn(array $row): array => isset($row['workspace_id'])
            ? ['workspace_id' => $scope->coach->workspace_id] + $row
            : $row;

        return array_map(static fn(array $rows): array => array_map($own, $rows), $late);
    }

    /** @param array<string, list<array<string, mixed>>> $late */
    private function complete(ImportScope $scope, RecordImport $import, array $late): void
    {
        $workspace = $scope->coach->workspace_id;
        // An event belongs to its session and names no workspace.
        foreach (array_diff([...array_keys(RecordTables::TABLES), ...self::WORKED_OUT], ['session_events']) as $table) {
            DB::table($table)
                ->where('workspace_id', $import->id)
                ->update(['workspace_id' => $workspace]);
        }
        self::insert($late);
        foreach (PracticeSession::withTrashed()->whereKey($scope->touched)->get() as $session) {
            PracticeSession::withoutTimestamps(fn() => $this->projector->project($session, isWhole: true));
        }
        // Brought back, they are nothing that devices should throw away.
        foreach (['students', 'practice_sessions'] as $table) {
            ErasedRecord::forget($workspace, $scope->idsOf($table));
        }
        Workspace::evidenceChanged($workspace);
        DB::table('workspaces')->where('id', $import->id)->delete();
        $import->delete();
    }

    /**
     * @param list<string> $keys
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(string $table, string $column, array $keys): array
    {
        // What a table numbers by itself it numbers anew.
        $counted =
            $table === 'session_events'
                ? 'position'
                : (in_array($table, ['checklist_answers', 'findings', 'dismissed_insights', 'stroke_summaries'], true)
                    ? 'id'
                    : null);
        $rows = DB::table($table)
            ->whereIn($column, $keys)
            ->orderBy($counted ?? 'id')
            ->get()
            ->all();

        return array_values(
            array_map(
                static fn(\stdClass $row): array => array_diff_key((array) $row, array_flip(array_filter([$counted]))),
                $rows,
            ),
        );
    }

    /** @param array<string, list<array<string, mixed>>> $piece */
    private static function insert(array $piece): void
    {
        foreach ($piece as $table => $rows) {
            $flags = self::flags($table);
            foreach (array_chunk($rows, 100) as $some) {
                DB::table($table)->insert(
                    array_map(
                        static fn(array $row): array => array_map(
                            static fn(mixed $value): bool => (bool) $value,
                            array_filter(
                                array_intersect_key($row, $flags),
                                static fn(mixed $value): bool => $value !== null,
                            ),
                        ) + $row,
                        $some,
                    ),
                );
            }
        }
    }

    /** @return array<string, true> columns that are yes or no where the database has a kind of its own for that */
    private static function flags(string $table): array
    {
        $columns = array_filter(
            Schema::getColumns($table),
            static fn(array $column): bool => $column['type_name'] === 'bool',
        );

        return array_fill_keys(array_column($columns, 'name'), true);
    }
}
