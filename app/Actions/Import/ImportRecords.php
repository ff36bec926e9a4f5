<?php

declare(strict_types=1);

namespace App\Actions\Import;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use App\Actions\ProjectSession;
use App\Actions\RefreshStrokeSummaries;
use App\Models\Booking;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\QuizAnswerRecord;
use App\Models\Student;
use App\Reports\PlanReport;
use App\Reports\RecordTables;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Takes a file of records in: all of it or nothing, and what is there already a second time not at all. The file is
 * read, held to the rules of the forms, folded and shown in a database of its own first; only then is it written, in
 * pieces.
 */
final readonly class ImportRecords
{
    private const AT_ONCE = 200;

    public function __construct(
        private StagingDatabase $staging,
        private ImportWriter $writer,
        private ProjectSession $projector,
        private RefreshStrokeSummaries $summaries,
        private RowCheck $rows,
        private PageCheck $pages,
    ) {}

    /**
     * Take it in, or only see what would be.
     *
     * @return \Generator<int, ImportProgress, void, array<string, array{new: int, there: int}>> how far it has come,
     *     and at the end what came, by
     *                                                                                           table
     *
     * @throws InvalidInput At the field of the file that cannot be used.
     */
    public function run(Coach $coach, JsonInput $told, bool $isTrial): \Generator
    {
        ImportWriter::makeWay($coach->workspace_id);
        $file = ImportFile::read($told, $coach->workspace_id);
        $count = array_sum(array_map(count(...), $file->tables));
        $new = $counts = $places = [];
        foreach ($file->tables as $table => $rows) {
            $places[$table] = array_flip(array_map(static fn(array $row): string => (string) $row['id'], $rows));
            $there = $file->there($table, $coach->workspace_id);
            $new[$table] = array_values(
                array_filter($rows, static fn(array $row): bool => !isset($there[(string) $row['id']])),
            );
            $counts[$table] = ['new' => count($new[$table]), 'there' => count($rows) - count($new[$table])];
        }
        yield new ImportProgress('reading', $count, $count);
        // Cached answers are kept by workspace: what is worked out of records that may never be kept is kept under an
        // id of its own.
        $import = new ImportScope((string) Str::ulid(), $coach, $new, $places);
        $this->staging->open();
        try {
            yield from $this->check($import);
            if (!$isTrial) {
                yield from $this->writer->write($import, $this->staging);
            }
        } finally {
            $this->staging->close();
        }

        return $counts;
    }

    /** @return \Generator<int, ImportProgress> */
    private function check(ImportScope $import): \Generator
    {
        $context = $import->context();
        $staged = $this->staging->within(static fn(): Coach => self::layContext($import, $context));
        $sessions = $import->sessions();
        $of = count($sessions) + 1;
        yield new ImportProgress('checking', 0, $of);
        try {
            $this->staging->within(function () use ($import, $staged): void {
                $this->holdToRules($import, $staged);
                self::lay($import);
                self::workOut($import);
            });
            foreach ($sessions as $done => $id) {
                $this->staging->within(fn() => $this->showSession($id));
                yield new ImportProgress('checking', $done + 1, $of);
            }
            $this->staging->within(fn() => $this->showWorkspace($import, $staged));
        } catch (InvalidInput $refused) {
            throw $refused;
        } catch (\Exception | \TypeError | \ValueError $error) {
            report($error);

            throw InvalidInput::at(
                'tables',
                'A record of this file has a value that Amble cannot use. Nothing was imported.',
            );
        }
        yield new ImportProgress('checking', $of, $of);
    }

    /**
     * Lay out what the new rows point to, and whose they are.
     *
     * @param array<string, list<array<string, mixed>>> $context rows of the workspace, by table
     */
    private static function layContext(ImportScope $import, array $context): Coach
    {
        foreach ($context as $table => $rows) {
            foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                DB::table($table)->insert($some);
            }
        }

        return Coach::query()->findOrFail($import->coach->id);
    }

    private static function lay(ImportScope $import): void
    {
        foreach ($import->new as $table => $rows) {
            $own =
                $table === 'session_events'
                    ? ['logged_by' => $import->coach->id]
                    : ['workspace_id' => $import->id, 'coach_id' => $import->coach->id];
            try {
                foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                    DB::table($table)->insert(
                        array_map(
                            static fn(array $row): array => $row + $own + (RecordTables::FOLDED[$table] ?? []),
                            $some,
                        ),
                    );
                }
            } catch (UniqueConstraintViolationException) {
                throw InvalidInput::at("tables.$table", 'Two records of this file are the same one.');
            } catch (QueryException $failed) {
                preg_match('/NOT NULL constraint failed: \w+\.(\w+)/', $failed->getMessage(), $lacks);

                throw InvalidInput::at(
                    "tables.$table",
                    sprintf('A record of this file lacks %s.', $lacks[1] ?? 'a required value'),
                );
            }
        }
    }

    private function holdToRules(ImportScope $import, Coach $staged): void
    {
        foreach ($import->new as $table => $rows) {
            foreach ($rows as $row) {
                // Where it stands in the file is what a refusal names.
                $this->rows->check($staged, $table, $import->place($table, (string) $row['id']), $row);
            }
        }
    }

    /** What the server works out of a record when it is made. */
    private static function workOut(ImportScope $import): void
    {
        foreach (QuizAnswerRecord::query()->whereKey($import->idsOf('guesses'))->get() as $row) {
            DB::table('guesses')
                ->where('id', $row->id)
                ->update(['is_right' => $row->guess()?->isRight() === true]);
        }
        foreach (Booking::query()->whereKey($import->idsOf('bookings'))->get() as $booking) {
            DB::table('bookings')
                ->where('id', $booking->id)
                ->update(['last_at' => $booking->lastTime()]);
        }
    }

    /** Fold a session, and show it as its page does. */
    private function showSession(string $id): void
    {
        $session = PracticeSession::withTrashed()->findOrFail($id);
        // Folding it is no change of it.
        PracticeSession::withoutTimestamps(fn() => $this->projector->project($session, isWhole: true));
        PlanReport::plan($session);
        $this->pages->session($session);
    }

    private function showWorkspace(ImportScope $import, Coach $staged): void
    {
        $students = $import->idsOf('students');
        $this->pages->workspace($staged, $students, $import->idsOf('greens'));
        foreach (Student::withTrashed()->whereKey($students)->get() as $student) {
            $this->summaries->refresh($student);
        }
    }
}
