<?php

declare(strict_types=1);

namespace App\Records;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Units\Length;
use App\Calendar\CalendarText;
use App\Http\Resources\GreenResource;
use App\Http\Resources\StudentResource;
use App\Models\Bench;
use App\Models\Benchmark;
use App\Models\Booking;
use App\Models\Coach;
use App\Models\Green;
use App\Models\GreenReading;
use App\Models\GuessRow;
use App\Models\HomeEntry;
use App\Models\KeptRead;
use App\Models\LengthSet;
use App\Models\OwnCard;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\Round;
use App\Models\SavedDrill;
use App\Models\Student;
use App\Practice\DrillLibrary;
use App\Practice\EvidenceRoom;
use App\Practice\Planning;
use App\Practice\Projector;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Takes a file of records in: all of it or nothing, and what is there already a second time not at all. Whoever takes it in
 * answers for it from then on.
 */
final readonly class TakingRecordsIn
{
    /** No bench has more rows in one table. */
    private const MOST_ROWS = 200_000;
    private const LONGEST_TEXT = 5_000;

    /** @param array<string, list<array<string, mixed>>> $tables rows as the database has them */
    private function __construct(private Coach $coach, private array $tables)
    {
    }

    /** @throws InvalidInput At the field that cannot be used. */
    public static function read(Coach $coach, JsonInput $file): self
    {
        if ($file->text('format', 40) !== RecordTables::FORMAT) {
            throw InvalidInput::at('format', 'This is no file of records made by Amble.');
        }
        $file->wholeNumber('version', 1, RecordTables::VERSION);
        $told = $file->object('tables');
        $tables = [];
        foreach (RecordTables::TABLES as $table => $columns) {
            $rows = $told->has($table) ? $told->objects($table) : [];
            if (count($rows) > self::MOST_ROWS) {
                throw InvalidInput::at("tables.$table", 'There are more rows than any bench has.');
            }
            $tables[$table] = array_map(static fn(JsonInput $row): array => self::row($row, $columns, RecordTables::LATER[$table] ?? []), $rows);
        }
        foreach ($told->has('session_events') ? $told->objects('session_events') : [] as $event) {
            self::readEvent($event);
        }

        return new self($coach, self::pointed($tables, $coach->bench_id));
    }

    /**
     * Take it in, or only see what would be.
     *
     * @return array<string, array{new: int, there: int}> by table
     *
     * @throws InvalidInput If a record belongs to another bench, or says what no screen could show.
     */
    public function take(Projector $projector, bool $isTrial): array
    {
        $counts = [];
        DB::beginTransaction();
        try {
            foreach ($this->tables as $table => $rows) {
                $counts[$table] = $this->write($table, $rows);
            }
            $this->show($projector);
            Bench::evidenceChanged($this->coach->bench_id);
        } catch (\Throwable $error) {
            DB::rollBack();
            throw $error instanceof InvalidInput ? $error : self::refusal($error);
        }
        $isTrial ? DB::rollBack() : DB::commit();

        return $counts;
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return array{new: int, there: int}
     */
    private function write(string $table, array $rows): array
    {
        $there = 0;
        $new = [];
        foreach (array_chunk($rows, 500) as $some) {
            $known = self::benches($table)->whereIn("$table.id", array_column($some, 'id'))->pluck('bench_id', "$table.id");
            if ($known->contains(fn(mixed $bench): bool => $bench !== $this->coach->bench_id)) {
                throw InvalidInput::at("tables.$table", 'A record of this file belongs to another bench here, and cannot be taken in twice.');
            }
            $there += $known->count();
            array_push($new, ...array_filter($some, static fn(array $row): bool => !$known->has((string) $row['id'])));
        }
        $own = $table === 'session_events' ? ['logged_by' => $this->coach->id] : ['bench_id' => $this->coach->bench_id, 'coach_id' => $this->coach->id];
        foreach (array_chunk($new, 50) as $some) {
            DB::table($table)->insert(array_map(static fn(array $row): array => $row + $own + (RecordTables::FOLDED[$table] ?? []), $some));
        }

        return ['new' => count($new), 'there' => $there];
    }

    /** Rows with the bench they belong to; a line of a log belongs where its session does. */
    private static function benches(string $table): Builder
    {
        $rows = DB::table($table);

        return $table === 'session_events' ? $rows->join('practice_sessions', 'practice_sessions.id', '=', 'session_events.practice_session_id') : $rows;
    }

    /** Fold every session anew and show every record once: what cannot be shown is not kept. */
    private function show(Projector $projector): void
    {
        $ids = fn(string $table): array => array_column($this->tables[$table], 'id');
        foreach (PracticeSession::withTrashed()->whereKey($ids('practice_sessions'))->get() as $session) {
            // Folding it is no change of it.
            PracticeSession::withoutTimestamps(static fn() => $projector->project($session, isWhole: true));
            Planning::plan($session);
        }
        foreach (Student::withTrashed()->whereKey($ids('students'))->get() as $student) {
            StudentResource::make($student)->toJson();
            $student->inWork();
            $student->facts();
        }
        foreach (Green::withTrashed()->whereKey($ids('greens'))->get() as $green) {
            GreenResource::make($green)->toJson();
        }
        Round::withTrashed()->whereKey($ids('rounds'))->get()->each(static fn(Round $round) => $round->played());
        PracticeRun::query()->whereKey($ids('drill_runs'))->get()->each(static fn(PracticeRun $run) => Projector::run($run));
        GuessRow::withoutTimestamps(static fn() => GuessRow::query()->whereKey($ids('guesses'))->get()->each(static fn(GuessRow $row) => $row->forceFill(['is_right' => $row->guess()?->isRight() === true])->saveQuietly()));
        SavedDrill::withTrashed()->whereKey($ids('drills'))->get()->each(static fn(SavedDrill $drill) => DrillLibrary::card($drill->definition()));
        OwnCard::query()->whereKey($ids('cards'))->get()->each(static fn(OwnCard $card) => $card->card());
        Benchmark::query()->whereKey($ids('benchmarks'))->get()->each(static fn(Benchmark $benchmark) => $benchmark->figure);
        GreenReading::query()->whereKey($ids('green_readings'))->get()->each(EvidenceRoom::reading(...));
        LengthSet::query()->whereKey($ids('length_sets'))->get()->each(static fn(LengthSet $set) => array_map(static fn(float|int $metres) => Length::ofMetres($metres), $set->lengths_m));
        HomeEntry::query()->whereKey($ids('home_entries'))->get()->each(static fn(HomeEntry $row) => $row->entry());
        CalendarText::of(Booking::query()->whereKey($ids('bookings'))->with('student', 'green')->get())->serialize();
        KeptRead::query()->whereKey($ids('kept_reads'))->get()->each(static fn(KeptRead $read) => $read->putt());
    }

    /**
     * @param array<string, string> $columns
     * @param array<string, mixed> $later what stands for columns that the file does not have
     *
     * @return array<string, mixed>
     */
    private static function row(JsonInput $told, array $columns, array $later): array
    {
        $told->only(['id', ...array_keys($columns)]);
        $row = ['id' => self::key($told, 'id')];
        foreach ($columns as $column => $kind) {
            $row[$column] = !$told->has($column) ? $later[$column] ?? null : match ($kind) {
                'k' => self::key($told, $column),
                'n' => $told->number($column),
                'i' => $told->wholeNumber($column, PHP_INT_MIN, PHP_INT_MAX),
                'b' => $told->flagOr($column, false),
                'j' => $told->json($column),
                'd' => self::moment($told, $column),
                default => self::text($told, $column),
            };
        }

        return $row;
    }

    private static function key(JsonInput $told, string $field): string
    {
        $key = $told->text($field, 40);

        return Str::isUlid($key) ? $key : throw InvalidInput::at($told->path($field), 'This is not an id.');
    }

    /** A note may be empty. */
    private static function text(JsonInput $told, string $field): string
    {
        return $told->json($field) === '""' ? '' : $told->text($field, self::LONGEST_TEXT);
    }

    private static function moment(JsonInput $told, string $field): string
    {
        $text = $told->text($field, 40);

        return preg_match('/^\d{4}-\d\d-\d\d( \d\d:\d\d:\d\d(\.\d+)?)?$/', $text) === 1 && strtotime($text) !== false
            ? $text
            : throw InvalidInput::at($told->path($field), 'This is no day or moment: 2026-11-26 09:30:00.');
    }

    private static function readEvent(JsonInput $event): void
    {
        $fields = ['id' => $event->text('id', 40), 'type' => $event->text('type', 80), 'version' => $event->wholeNumberOr('version', 1, PHP_INT_MAX, 1), 'at_ms' => $event->number('at_ms')];
        $payload = json_decode($event->json('payload'), false, 64, JSON_THROW_ON_ERROR);
        EventReader::read(JsonInput::fromArray($fields + ($payload instanceof \stdClass ? get_object_vars($payload) : []), $event->path('payload')));
    }

    /**
     * Every key points to a record of the file, or one this bench has.
     *
     * @param array<string, list<array<string, mixed>>> $tables
     *
     * @return array<string, list<array<string, mixed>>>
     */
    private static function pointed(array $tables, string $bench): array
    {
        foreach (RecordTables::POINTS as $column => $target) {
            $known = array_fill_keys(array_column($tables[$target], 'id'), true)
                + array_fill_keys(DB::table($target)->where('bench_id', $bench)->pluck('id')->all(), true);
            foreach ($tables as $table => $rows) {
                foreach ($rows as $i => $row) {
                    if (isset($row[$column]) && !isset($known[$row[$column]])) {
                        throw InvalidInput::at("tables.$table.$i.$column", 'This points to a record that neither the file nor the bench has.');
                    }
                }
            }
        }

        return $tables;
    }

    private static function refusal(\Throwable $error): InvalidInput
    {
        report($error);

        return InvalidInput::at('tables', 'A record of this file says what Amble cannot show. Nothing was taken in.');
    }
}
