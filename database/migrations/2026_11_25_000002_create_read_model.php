<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What screens read. The log stays the truth: these tables are rewritten with each event, and whole by
 * "php artisan amble:rebuild".
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('session_events', function (Blueprint $table): void {
            $table->unsignedSmallInteger('version')->default(1);
        });
        // One row a standing ball.
        Schema::create('balls', function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->foreignUlid('practice_session_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('green_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('surface')->nullable();
            $table->unsignedBigInteger('at_ms');
            $table->unsignedInteger('place');
            $table->double('backstroke_m')->nullable();
            $table->double('roll_m')->nullable();
            $table->double('run_on_m')->nullable();
            $table->string('stop');
            $table->double('target_m')->nullable();
            $table->double('grade_percent');
            $table->double('across_percent');
            $table->string('mark')->nullable();
            $table->string('cause')->nullable();
            $table->text('seen');
            $table->string('putter')->nullable();
            $table->unsignedSmallInteger('tempo_bpm')->nullable();
            $table->string('run_id', 40)->nullable();
            $table->boolean('is_of_group');
            $table->string('drill')->nullable();
            $table->string('task')->nullable();
            $table->string('verdict')->nullable();
            $table->string('word')->nullable();
            $table->unsignedInteger('attempt');
            $table->unsignedInteger('block');
            $table->string('aid')->nullable();
            $table->double('aid_width_m')->nullable();
            $table->double('aid_distance_m')->nullable();
            $table->boolean('is_aid_checked');
            $table->unsignedInteger('corrections');
            $table->string('digest', 32);
            $table->index(['practice_session_id', 'place']);
            $table->index(['student_id', 'at_ms', 'place']);
            $table->index(['green_id', 'at_ms']);
            $table->index('bench_id');
        });
        // Margin notes put away in a session.
        Schema::create('set_asides', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('practice_session_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('note');
            $table->string('evidence')->nullable();
            $table->string('reason', 300)->nullable();
            $table->index('student_id');
            $table->index('practice_session_id');
        });
        // What each student's own fit tells the workspace's prior, as of when it was last looked at.
        Schema::create('stroke_summaries', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('surface');
            $table->double('beta');
            $table->double('beta_error');
            $table->double('sigma');
            $table->double('degrees_of_freedom');
            $table->unique(['student_id', 'surface']);
            $table->index(['bench_id', 'surface']);
        });
        Schema::table('drill_runs', function (Blueprint $table): void {
            $table->index('practice_session_id');
        });
        Schema::table('green_readings', function (Blueprint $table): void {
            $table->index('practice_session_id');
        });
        Schema::table('drills', function (Blueprint $table): void {
            $table->index('coach_id');
        });
    }

    public function down(): void
    {
        Schema::table('drills', fn(Blueprint $table) => $table->dropIndex(['coach_id']));
        Schema::table('green_readings', fn(Blueprint $table) => $table->dropIndex(['practice_session_id']));
        Schema::table('drill_runs', fn(Blueprint $table) => $table->dropIndex(['practice_session_id']));
        Schema::dropIfExists('stroke_summaries');
        Schema::dropIfExists('set_asides');
        Schema::dropIfExists('balls');
        Schema::table('session_events', fn(Blueprint $table) => $table->dropColumn('version'));
    }
};
