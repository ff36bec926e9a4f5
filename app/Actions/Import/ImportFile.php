<?php

declare(strict_types=1);

namespace App\Actions\Import;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use App\Reports\RecordTables;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A file of records as rows, each value of its column's kind, and no id in it that points out of the file and its
 * workspace.
 */
final readonly class ImportFile
{
    /** No workspace has more rows in one table. */
    private const MOST_ROWS = 200_000;
    private const LONGEST_TEXT = 5_000;

    /** A moment outside these years was never on the clock of a device that runs Amble. */
    private const YEARS = ['1990', '2100'];

    /** Fields of an event that hold an id, and the table it is of. */
    private const IN_EVENTS = [
        'student' => 'students',
        'run_id' => 'drill_runs',
        'reading_id' => 'green_speed_measurements',
    ];

    /** @param array<string, list<array<string, mixed>>> $tables rows as the database has them */
    private function __construct(public array $tables) {}

    /** @throws InvalidInput At the field that cannot be used. */
    public static function read(JsonInput $file, string $workspaceId): self
    {
        if ($file->text('format', 40) !== RecordTables::FORMAT) {
            throw InvalidInput::at('format', 'This file is not an Amble export.');
        }
        $isFormer = $file->wholeNumber('version', 1, RecordTables::VERSION) < 2;
        $told = $file->object('tables');
        $tables = [];
        foreach (RecordTables::TABLES as $table => $columns) {
            $name = $isFormer ? RecordTables::FORMER_TABLES[$table] ?? $table : $table;
            $rows = $told->has($name) ? $told->objects($name) : [];
            if (count($rows) > self::MOST_ROWS) {
                throw InvalidInput::at("tables.$table", 'There are more rows than any workspace has.');
            }
            $tables[$table] = [];
            foreach ($rows as $row) {
                $tables[$table][] = self::row(
                    $row,
                    $columns,
                    RecordTables::LATER[$table] ?? [],
                    $isFormer ? RecordTables::FORMER_COLUMNS : [],
                );
                if ($table === 'session_events') {
                    self::readEvent($row);
                }
            }
        }
        self::demandKnownIds($tables, $workspaceId);

        return new self($tables);
    }

    /**
     * Ids of a table's rows that are in the workspace already; of bookings and the like those too that are there under
     * another id.
     *
     * @return array<string, true>
     *
     * @throws InvalidInput If one of them belongs to another workspace.
     */
    public function there(string $table, string $workspaceId): array
    {
        $there = [];
        foreach (array_chunk($this->tables[$table], 500) as $rows) {
            $query = DB::table($table);
            if ($table === 'session_events') {
                $query->join('practice_sessions', 'practice_sessions.id', '=', 'session_events.practice_session_id');
            }
            foreach (
                $query->whereIn("$table.id", array_column($rows, 'id'))->pluck('workspace_id', "$table.id")
                as $id => $workspace
            ) {
                if ($workspace !== $workspaceId) {
                    throw InvalidInput::at(
                        "tables.$table",
                        'A record of this file belongs to another workspace here, and cannot be imported twice.',
                    );
                }
                $there[(string) $id] = true;
            }
        }
        foreach (RecordTables::ALIKE[$table] ?? [] as $columns) {
            $there += $this->alike($table, $columns, $workspaceId);
        }

        return $there;
    }

    /**
     * @param list<string> $columns that no two records of a workspace share
     *
     * @return array<string, true> ids in the file whose record is there under another id
     */
    private function alike(string $table, array $columns, string $workspaceId): array
    {
        $key = static fn(array|object $row): string => serialize(
            array_map(static fn(string $column): string => (string) (((array) $row)[$column] ?? ''), $columns),
        );
        $known = [];
        foreach (
            DB::table($table)
                ->where('workspace_id', $workspaceId)
                ->get(['id', ...$columns])
            as $row
        ) {
            $known[$key($row)] = (string) $row->id;
        }
        $there = [];
        foreach ($this->tables[$table] as $row) {
            if (isset($known[$key($row)]) && $known[$key($row)] !== $row['id']) {
                $there[(string) $row['id']] = true;
            }
        }

        return $there;
    }

    /**
     * @param array<string, string> $columns
     * @param array<string, mixed> $later what stands for columns that the file does not have
     * @param array<string, string> $former names of columns in an earlier file, by today's
     *
     * @return array<string, mixed>
     */
    private static function row(JsonInput $told, array $columns, array $later, array $former): array
    {
        $told->only([
            'id',
            ...array_map(static fn(string $column): string => $former[$column] ?? $column, array_keys($columns)),
        ]);
        $row = ['id' => self::key($told, 'id')];
        foreach ($columns as $column => $kind) {
            $name = $former[$column] ?? $column;
            $row[$column] = !$told->has($name)
                ? $later[$column] ?? null
                : match ($kind) {
                    'k' => self::key($told, $name),
                    'n' => $told->number($name),
                    'i' => $told->wholeNumber($name, PHP_INT_MIN, PHP_INT_MAX),
                    'b' => $told->flagOr($name, false),
                    'j' => $told->json($name),
                    'd' => self::moment($told, $name),
                    default => self::text($told, $name),
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
        $isMoment =
            preg_match('/^(\d{4})-(\d\d)-(\d\d)( \d\d:\d\d:\d\d(\.\d+)?)?$/', $text, $parts) === 1 &&
            checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1]) &&
            strtotime($text) !== false &&
            $parts[1] >= self::YEARS[0] &&
            $parts[1] < self::YEARS[1];

        return $isMoment
            ? $text
            : throw InvalidInput::at($told->path($field), 'This is not a date and time like 2026-11-26 09:30:00.');
    }

    /** As a device's own event is read, its id in capitals: in other letters the same one would be another ball. */
    private static function readEvent(JsonInput $event): void
    {
        $id = $event->text('id', 40);
        if ($id !== strtoupper($id)) {
            throw InvalidInput::at($event->path('id'), 'This is not an id.');
        }
        $fields = [
            'id' => $id,
            'type' => $event->text('type', 80),
            'version' => $event->wholeNumberOr('version', 1, PHP_INT_MAX, 1),
            'at_ms' => $event->wholeNumber('at_ms', 0, 9_999_999_999_999),
        ];
        EventReader::arriving(
            JsonInput::fromArray($fields + self::payload($event->json('payload')), $event->path('payload')),
        );
    }

    /** @return array<string, mixed> */
    private static function payload(string $json): array
    {
        $payload = json_decode($json, false, 64, JSON_THROW_ON_ERROR);

        return $payload instanceof \stdClass ? get_object_vars($payload) : [];
    }

    /**
     * Every id in the file points to a record of the file, or one this workspace has: in columns, in events, and in who
     * rolls a drill.
     *
     * @param array<string, list<array<string, mixed>>> $tables
     *
     * @throws InvalidInput At the first that points elsewhere.
     */
    private static function demandKnownIds(array $tables, string $workspaceId): void
    {
        $known = [];
        foreach (array_unique([...array_values(RecordTables::POINTS), ...array_values(self::IN_EVENTS)]) as $target) {
            $known[$target] =
                array_fill_keys(array_column($tables[$target], 'id'), true) +
                array_fill_keys(DB::table($target)->where('workspace_id', $workspaceId)->pluck('id')->all(), true);
        }
        $demand = static function (mixed $id, string $target, string $path) use ($known): void {
            if ($id !== null && (!is_string($id) || !isset($known[$target][$id]))) {
                throw InvalidInput::at($path, 'This points to a record that neither the file nor the workspace has.');
            }
        };
        foreach ($tables as $table => $rows) {
            foreach ($rows as $i => $row) {
                foreach (RecordTables::POINTS as $column => $target) {
                    $demand($row[$column] ?? null, $target, "tables.$table.$i.$column");
                }
            }
        }
        foreach ($tables['session_events'] as $i => $row) {
            $payload = self::payload((string) $row['payload']);
            foreach (self::IN_EVENTS as $field => $target) {
                $demand($payload[$field] ?? null, $target, "tables.session_events.$i.payload.$field");
            }
        }
        foreach ($tables['drill_runs'] as $i => $row) {
            $students = json_decode((string) ($row['students'] ?? '[]'), true, 8, JSON_THROW_ON_ERROR);
            foreach (is_array($students) ? $students : [null] as $at => $student) {
                is_string($student)
                    ? $demand($student, 'students', "tables.drill_runs.$i.students.$at")
                    : throw InvalidInput::at("tables.drill_runs.$i.students", 'This must be a list of students.');
            }
        }
    }
}
