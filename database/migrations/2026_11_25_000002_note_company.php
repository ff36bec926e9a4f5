<?php

declare(strict_types=1);

use Amble\Core\Green\MeasurementMethod;
use App\Actions\SaveGreenSpeedMeasurement;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Who is on a session, which reading was chosen for it, how sure a slope is, which drills were ended; and sessions
 * can be put away. It stands before the migration that reads sessions through their model.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('practice_sessions', function (Blueprint $table): void {
            $table->json('company')->default('[]');
            $table->string('chosen_reading_id', 40)->nullable();
            $table->softDeletes();
            $table->index(['bench_id', 'started_at']);
        });
        Schema::table('green_readings', function (Blueprint $table): void {
            $table->double('grade_low')->nullable();
            $table->double('grade_high')->nullable();
            $table->double('give_or_take_m')->nullable();
        });
        foreach (DB::table('green_readings')->lazyById() as $reading) {
            $figures = SaveGreenSpeedMeasurement::figures(
                MeasurementMethod::from($reading->method),
                json_decode($reading->entries, true, 16, JSON_THROW_ON_ERROR),
            );
            DB::table('green_readings')
                ->where('id', $reading->id)
                ->update(['warnings' => json_encode($figures['warnings'])] + $figures);
        }
        Schema::table('drill_runs', function (Blueprint $table): void {
            $table->boolean('is_ended')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('practice_sessions', function (Blueprint $table): void {
            $table->dropIndex(['bench_id', 'started_at']);
            $table->dropColumn(['company', 'chosen_reading_id', 'deleted_at']);
        });
        Schema::table(
            'green_readings',
            fn(Blueprint $table) => $table->dropColumn(['grade_low', 'grade_high', 'give_or_take_m']),
        );
        Schema::table('drill_runs', fn(Blueprint $table) => $table->dropColumn('is_ended'));
    }
};
