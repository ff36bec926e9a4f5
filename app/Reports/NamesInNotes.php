<?php

declare(strict_types=1);

namespace App\Reports;

use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Where in the notes of a workspace a name stands: what erasing its owner leaves, for somebody to read and to change.
 */
final class NamesInNotes
{
    /** Free text by table: its columns, and what such a record is called. */
    private const NOTES = [
        'practice_sessions' => [
            ['purpose', 'note_for_student', 'note_for_next', 'kit_word', 'plan'],
            'Notes of the session on %s',
        ],
        'students' => [['putter', 'exception', 'current_goals', 'about'], 'Profile of %s'],
        'take_home_cards' => [['work_on', 'home_task', 'home_cue'], 'Take-home card of another student'],
        'homework_entries' => [['text'], 'What another student logged at home'],
        'bookings' => [['title', 'note'], 'Booking %s'],
        'drills' => [['name', 'definition'], 'Drill %s'],
        'cards' => [['content'], 'A checklist'],
        'greens' => [['name'], 'Green %s'],
        'length_sets' => [['name'], 'Lengths %s'],
        'saved_reads' => [['name'], 'Read %s'],
        'hole_maps' => [['name', 'mark'], 'Hole map %s'],
        'rounds' => [['place'], 'A round of another student'],
        'benchmarks' => [['source'], 'A benchmark'],
    ];

    /** What names such a record. */
    private const CALLED = [
        'practice_sessions' => 'started_at',
        'students' => 'name',
        'bookings' => 'starts',
        'drills' => 'name',
        'greens' => 'name',
        'length_sets' => 'name',
        'saved_reads' => 'name',
        'hole_maps' => 'name',
    ];

    /** A shorter first name stands in too many other words. */
    private const SHORTEST = 3;
    private const MOST = 20;
    private const AROUND = 40;

    /**
     * @param string|null $student whose own records are left out, as they go with them; null for nobody's
     *
     * @return array{places: list<array{where: string, text: string}>, count: int} the first of them, and how many there
     *     are
     */
    public static function of(string $workspaceId, string $name, ?string $student): array
    {
        $names = array_values(
            array_unique(
                array_filter(
                    [trim($name), explode(' ', trim($name))[0]],
                    static fn(string $one): bool => mb_strlen($one) >= self::SHORTEST,
                ),
            ),
        );
        $places = [];
        foreach (self::NOTES as $table => [$columns, $where]) {
            $rows = DB::table($table)
                ->where("$table.workspace_id", $workspaceId)
                ->where(static fn(Builder $some): Builder => self::holding($some, $columns, $names));
            $own =
                [
                    'students' => 'id',
                    'practice_sessions' => 'student_id',
                    'take_home_cards' => 'student_id',
                    'homework_entries' => 'student_id',
                    'bookings' => 'student_id',
                    'rounds' => 'student_id',
                ][$table] ?? null;
            if ($own !== null && $student !== null) {
                $rows->where(
                    static fn(Builder $others): Builder => $others->whereNull($own)->orWhere($own, '!=', $student),
                );
            }
            foreach (
                $rows->orderBy('id')->get(['id', ...$columns, ...array_filter([self::CALLED[$table] ?? null])])
                as $row
            ) {
                $called = (string) ($row->{self::CALLED[$table] ?? 'id'} ?? '');
                array_push(
                    $places,
                    ...self::found(
                        (array) $row,
                        $columns,
                        $names,
                        sprintf(
                            $where,
                            $table === 'practice_sessions' ? CarbonImmutable::parse($called)->format('j F Y') : $called,
                        ),
                    ),
                );
            }
        }
        array_push($places, ...self::inLogs($workspaceId, $names, $student));

        return ['places' => array_slice($places, 0, self::MOST), 'count' => count($places)];
    }

    /**
     * @param list<string> $names
     *
     * @return list<array{where: string, text: string}> words in logs that are not this student's
     */
    private static function inLogs(string $workspaceId, array $names, ?string $student): array
    {
        $lines = DB::table('session_events')
            ->join('practice_sessions', 'practice_sessions.id', '=', 'session_events.practice_session_id')
            ->where('practice_sessions.workspace_id', $workspaceId)
            ->where(static fn(Builder $some): Builder => self::holding($some, ['session_events.payload'], $names));
        if ($student !== null) {
            // Lines of theirs go with them, in their own sessions and in others'.
            $lines
                ->where('session_events.payload', 'not like', "%$student%")
                ->where(
                    static fn(Builder $others): Builder => $others
                        ->whereNull('practice_sessions.student_id')
                        ->orWhere('practice_sessions.student_id', '!=', $student),
                );
        }
        $places = [];
        foreach (
            $lines->orderBy('session_events.position')->get(['session_events.payload', 'practice_sessions.started_at'])
            as $row
        ) {
            array_push(
                $places,
                ...self::found(
                    (array) $row,
                    ['payload'],
                    $names,
                    'Log of the session on ' . CarbonImmutable::parse((string) $row->started_at)->format('j F Y'),
                ),
            );
        }

        return $places;
    }

    /**
     * @param list<string> $columns
     * @param list<string> $names
     */
    private static function holding(Builder $some, array $columns, array $names): Builder
    {
        foreach ($names as $name) {
            // Databases and JSON write letters beyond the English alphabet each in a way of their own: the rest of the
            // name is enough to look closer.
            preg_match_all('/[A-Za-z0-9]+/', $name, $runs);
            $longest = array_reduce(
                $runs[0],
                static fn(string $longest, string $run): string => strlen($run) > strlen($longest) ? $run : $longest,
                '',
            );
            foreach ($columns as $column) {
                $some->orWhereLike($column, "%$longest%");
            }
        }

        return $names === [] ? $some->whereRaw('1 = 0') : $some;
    }

    /**
     * @param array<array-key, mixed> $row
     * @param list<string> $columns
     * @param list<string> $names
     *
     * @return list<array{where: string, text: string}> one for each column that has the name as a word of its own
     */
    private static function found(array $row, array $columns, array $names, string $where): array
    {
        $found = [];
        $pattern =
            '/(?<![\p{L}\p{N}])(' .
            implode('|', array_map(static fn(string $name): string => preg_quote($name, '/'), $names)) .
            ')(?![\p{L}\p{N}])/ui';
        foreach ($columns as $column) {
            $text = (string) ($row[$column] ?? '');
            $plain = is_array($told = json_decode($text, true)) ? self::texts($told) : $text;
            if (preg_match($pattern, $plain, $match, PREG_OFFSET_CAPTURE) === 1) {
                $at = mb_strlen(substr($plain, 0, $match[0][1]));
                $found[] = [
                    'where' => trim($where),
                    'text' => trim(
                        mb_substr($plain, max(0, $at - self::AROUND), 2 * self::AROUND + mb_strlen($match[0][0])),
                    ),
                ];
            }
        }

        return $found;
    }

    /** @param array<array-key, mixed> $told */
    private static function texts(array $told): string
    {
        $texts = [];
        array_walk_recursive($told, static function (mixed $value) use (&$texts): void {
            if (is_string($value)) {
                $texts[] = $value;
            }
        });

        return implode('; ', $texts);
    }
}
