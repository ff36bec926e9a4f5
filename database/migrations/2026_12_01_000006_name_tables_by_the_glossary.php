<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tables and columns take the names that screens, answers and code use; no value changes. */
return new class extends Migration {
    private const TABLES = [
        'benches' => 'workspaces',
        'pocket_cards' => 'take_home_cards',
        'kept_reads' => 'saved_reads',
        'green_readings' => 'green_speed_measurements',
        'home_entries' => 'homework_entries',
        'check_tries' => 'check_attempts',
        'card_sights' => 'checklist_answers',
        'set_asides' => 'dismissed_insights',
        'spare_codes' => 'recovery_codes',
        'sign_ins' => 'signed_in_devices',
    ];

    /** By the table's new name. */
    private const COLUMNS = [
        'students' => ['target_pace_m' => 'finish_past_m', 'pace_length_m' => 'stride_m', 'in_work' => 'current_goals'],
        'coaches' => ['pace_length_m' => 'stride_m'],
        'practice_sessions' => [
            'set_aside' => 'dismissed_insights',
            'company' => 'group_members',
            'chosen_reading_id' => 'chosen_measurement_id',
        ],
    ];

    public function up(): void
    {
        foreach (self::TABLES as $old => $new) {
            Schema::rename($old, $new);
            DB::table('changes')
                ->where('record_type', $old)
                ->update(['record_type' => $new]);
        }
        self::renameColumns(self::COLUMNS + array_fill_keys(self::owned('bench_id'), []), 'bench_id', 'workspace_id');
    }

    public function down(): void
    {
        self::renameColumns(
            array_map(array_flip(...), self::COLUMNS) + array_fill_keys(self::owned('workspace_id'), []),
            'workspace_id',
            'bench_id',
        );
        foreach (self::TABLES as $old => $new) {
            Schema::rename($new, $old);
            DB::table('changes')
                ->where('record_type', $new)
                ->update(['record_type' => $old]);
        }
    }

    /** @return list<string> tables that say whose a row is */
    private static function owned(string $column): array
    {
        return array_values(
            array_filter(
                array_column(Schema::getTables(), 'name'),
                static fn(string $table): bool => Schema::hasColumn($table, $column),
            ),
        );
    }

    /** @param array<string, array<string, string>> $columns old and new names by table */
    private static function renameColumns(array $columns, string $owner, string $newOwner): void
    {
        foreach ($columns as $table => $names) {
            $names += Schema::hasColumn($table, $owner) ? [$owner => $newOwner] : [];
            Schema::table($table, static function (Blueprint $blueprint) use ($names): void {
                foreach ($names as $from => $to) {
                    $blueprint->renameColumn($from, $to);
                }
            });
        }
    }
};
