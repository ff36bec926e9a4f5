<?php

declare(strict_types=1);

namespace App\Reports;

/**
 * What the records of a workspace consist of, table by table, in the order in which they are taken in: what was
 * entered, not what is worked out from it. Accounts, private links and who logged what are no part of it.
 */
final class RecordTables
{
    /**
     * Kinds of columns: t text, j JSON, n number, i whole number, b yes or no, d a moment, and k a key that must be
     * known.
     */
    public const TABLES = [
        'students' => [
            'name' => 't',
            'hand' => 't',
            'level' => 't',
            'unit' => 't',
            'stride_m' => 'n',
            'finish_past_m' => 'n',
            'putter' => 't',
            'school' => 't',
            'tempo_bpm' => 'i',
            'exception' => 't',
            'is_gentle' => 'b',
            'line_cure' => 't',
            'band_low_m' => 'n',
            'band_high_m' => 'n',
            'current_goals' => 'j',
            'about' => 'j',
            'created_at' => 'd',
            'updated_at' => 'd',
            'deleted_at' => 'd',
        ],
        'greens' => [
            'name' => 't',
            'surface' => 't',
            'grass' => 't',
            'created_at' => 'd',
            'updated_at' => 'd',
            'deleted_at' => 'd',
        ],
        'practice_sessions' => [
            'student_id' => 'k',
            'green_id' => 'k',
            'minutes' => 'i',
            'purpose' => 't',
            'note_for_student' => 't',
            'note_for_next' => 't',
            'kit_word' => 't',
            'plan' => 'j',
            'is_home' => 'b',
            'is_planned' => 'b',
            'started_at' => 'd',
            'ended_at' => 'd',
            'created_at' => 'd',
            'updated_at' => 'd',
            'deleted_at' => 'd',
        ],
        'green_speed_measurements' => [
            'green_id' => 'k',
            'practice_session_id' => 'k',
            'method' => 't',
            'entries' => 'j',
            'speed_m' => 'n',
            'standard_error_m' => 'n',
            'grade' => 'n',
            'grade_low' => 'n',
            'grade_high' => 'n',
            'give_or_take_m' => 'n',
            'is_level' => 'b',
            'warnings' => 'j',
            'taken_at' => 'd',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
        'drills' => ['name' => 't', 'definition' => 'j', 'created_at' => 'd', 'updated_at' => 'd', 'deleted_at' => 'd'],
        'drill_runs' => [
            'practice_session_id' => 'k',
            'definition' => 'j',
            'seed' => 'i',
            'students' => 'j',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
        'session_events' => [
            'practice_session_id' => 'k',
            'type' => 't',
            'version' => 'i',
            'payload' => 'j',
            'at_ms' => 'i',
            'recorded_at' => 'd',
        ],
        'length_sets' => ['name' => 't', 'lengths_m' => 'j', 'said' => 't', 'created_at' => 'd', 'updated_at' => 'd'],
        'rounds' => [
            'student_id' => 'k',
            'played_on' => 'd',
            'place' => 't',
            'is_from_memory' => 'b',
            'holes' => 'j',
            'created_at' => 'd',
            'updated_at' => 'd',
            'deleted_at' => 'd',
        ],
        'benchmarks' => [
            'figure' => 't',
            'length_m' => 'n',
            'value' => 'n',
            'source' => 't',
            'sample' => 'i',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
        'take_home_cards' => [
            'student_id' => 'k',
            'speed_1_m' => 'n',
            'speed_2_m' => 'n',
            'work_on' => 't',
            'home_task' => 't',
            'home_balls' => 'i',
            'home_drill' => 't',
            'home_cue' => 't',
            'home_target' => 'i',
            'home_days' => 'i',
            'next_on' => 'd',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
        'cards' => ['key' => 't', 'content' => 'j', 'created_at' => 'd', 'updated_at' => 'd'],
        'putters' => [
            'student_id' => 'k',
            'name' => 't',
            'length_m' => 'n',
            'lie_deg' => 'n',
            'loft_deg' => 'n',
            'head_g' => 'n',
            'sole' => 't',
            'mark' => 't',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
        'saved_reads' => ['green_id' => 'k', 'name' => 't', 'putt' => 'j', 'created_at' => 'd', 'updated_at' => 'd'],
        'hole_maps' => [
            'green_id' => 'k',
            'name' => 't',
            'mark' => 't',
            'noise_percent' => 'n',
            'readings' => 'j',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
        'bookings' => [
            'student_id' => 'k',
            'green_id' => 'k',
            'uid' => 't',
            'title' => 't',
            'starts' => 't',
            'zone' => 't',
            'minutes' => 'i',
            'travel_minutes' => 'i',
            'rule' => 't',
            'skipped' => 'j',
            'note' => 't',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
        'homework_entries' => [
            'student_id' => 'k',
            'kind' => 't',
            'at_ms' => 'i',
            'balls' => 'i',
            'passes' => 'i',
            'text' => 't',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
        'guesses' => [
            'student_id' => 'k',
            'putt' => 'j',
            'called_aim_m' => 'n',
            'called_plays_m' => 'n',
            'created_at' => 'd',
            'updated_at' => 'd',
        ],
    ];

    /** Which table a key points into. */
    public const POINTS = [
        'student_id' => 'students',
        'green_id' => 'greens',
        'practice_session_id' => 'practice_sessions',
    ];

    /**
     * Columns that no two records of a workspace share besides the id: where one is there, a second is not taken in.
     */
    public const ALIKE = [
        'take_home_cards' => [['student_id']],
        'cards' => [['key']],
        'putters' => [['student_id', 'name']],
        'bookings' => [['uid']],
    ];

    /** Worked out from what was entered; they stand empty until it is. */
    public const FOLDED = [
        'practice_sessions' => ['conditions' => '[]', 'stations' => '[]', 'dismissed_insights' => '[]'],
        'guesses' => ['is_right' => false],
    ];

    /** Columns that files of earlier versions do not have and that are never empty. */
    public const LATER = ['practice_sessions' => ['is_home' => false, 'is_planned' => false]];

    public const FORMAT = 'amble-records';
    public const VERSION = 2;

    /** Names that files of version 1 have for tables and columns of today. */
    public const FORMER_TABLES = [
        'green_speed_measurements' => 'green_readings',
        'take_home_cards' => 'pocket_cards',
        'saved_reads' => 'kept_reads',
        'homework_entries' => 'home_entries',
    ];
    public const FORMER_COLUMNS = [
        'finish_past_m' => 'target_pace_m',
        'stride_m' => 'pace_length_m',
        'current_goals' => 'in_work',
    ];
}
