<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Records belong to a workspace, which has members; every coach gets one of their own. */
return new class extends Migration {
    private const OWNED = ['students', 'greens', 'practice_sessions', 'green_readings', 'drills', 'drill_runs'];

    public function up(): void
    {
        Schema::create('benches', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            // Counts up with every change of what figures rest on, so that what was worked out can be kept until then.
            $table->unsignedBigInteger('evidence_version')->default(0);
            $table->timestamps();
        });
        Schema::create('memberships', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->string('role');
            $table->timestamps();
            $table->unique(['coach_id', 'bench_id']);
        });
        Schema::table('coaches', function (Blueprint $table): void {
            // The workspace a coach works at now.
            $table->foreignUlid('bench_id')->nullable()->constrained()->nullOnDelete();
        });
        foreach (self::OWNED as $records) {
            Schema::table($records, function (Blueprint $table): void {
                $table->foreignUlid('bench_id')->nullable()->constrained()->cascadeOnDelete();
                $table->index('bench_id');
            });
        }
        Schema::table('students', function (Blueprint $table): void {
            // What holds for this student whatever a template says.
            $table->string('exception', 300)->nullable();
        });
        $this->giveEveryCoachABench();
    }

    private function giveEveryCoachABench(): void
    {
        foreach (DB::table('coaches')->get(['id', 'name']) as $coach) {
            $bench = strtolower((string) Str::ulid());
            $stamps = ['created_at' => now(), 'updated_at' => now()];
            DB::table('benches')->insert(['id' => $bench, 'name' => $coach->name] + $stamps);
            DB::table('memberships')->insert(
                [
                    'id' => strtolower((string) Str::ulid()),
                    'bench_id' => $bench,
                    'coach_id' => $coach->id,
                    'role' => 'owner',
                ] + $stamps,
            );
            DB::table('coaches')
                ->where('id', $coach->id)
                ->update(['bench_id' => $bench]);
            foreach (self::OWNED as $records) {
                DB::table($records)
                    ->where('coach_id', $coach->id)
                    ->update(['bench_id' => $bench]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('students', fn(Blueprint $table) => $table->dropColumn('exception'));
        foreach ([...self::OWNED, 'coaches'] as $records) {
            Schema::table($records, fn(Blueprint $table) => $table->dropConstrainedForeignId('bench_id'));
        }
        Schema::dropIfExists('memberships');
        Schema::dropIfExists('benches');
    }
};
