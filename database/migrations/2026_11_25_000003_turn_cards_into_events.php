<?php

declare(strict_types=1);

use App\Actions\RebuildAfterMigration;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Stations, conditions and notes put away become events, so that two devices lose nothing of each other's. */
return new class extends Migration {
    public function up(): void
    {
        foreach (DB::table('practice_sessions')->orderBy('id')->get() as $session) {
            $events = [];
            foreach ($this->decoded($session->stations) as $station) {
                $events[] = ['station_set', ['station_id' => (string) Str::ulid()] + $station];
            }
            foreach ($this->decoded($session->conditions) as $condition) {
                $events[] = ['condition_noted', ['condition' => $condition, 'is_seen' => true]];
            }
            foreach ($this->decoded($session->set_aside) as $key) {
                $events[] = ['note_set_aside', ['key' => $key, 'is_aside' => true]];
            }
            foreach ($events as [$type, $payload]) {
                DB::table('session_events')->insert([
                    'id' => (string) Str::ulid(),
                    'practice_session_id' => $session->id,
                    'logged_by' => $session->coach_id,
                    'type' => $type,
                    'version' => 1,
                    'payload' => json_encode($payload, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                    'at_ms' => strtotime($session->started_at . ' UTC') * 1000,
                    'recorded_at' => now(),
                ]);
            }
        }
        RebuildAfterMigration::onceMigrated();
    }

    /** @return array<mixed> */
    private function decoded(string $json): array
    {
        return (array) json_decode($json, true, 16, JSON_THROW_ON_ERROR);
    }

    public function down(): void
    {
        DB::table('session_events')
            ->whereIn('type', ['station_set', 'condition_noted', 'note_set_aside'])
            ->delete();
    }
};
