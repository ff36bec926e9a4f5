<?php

declare(strict_types=1);

use App\Actions\SaveGreenSpeedMeasurement;
use App\Models\GreenSpeedMeasurement;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
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
        foreach (GreenSpeedMeasurement::query()->lazyById() as $reading) {
            $reading->update(SaveGreenSpeedMeasurement::figures($reading->method, $reading->entries));
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
        Schema::table('green_readings', fn(Blueprint $table) => $table->dropColumn(['grade_low', 'grade_high', 'give_or_take_m']));
        Schema::table('drill_runs', fn(Blueprint $table) => $table->dropColumn('is_ended'));
    }
};
