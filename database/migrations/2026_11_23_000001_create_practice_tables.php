<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('coaches', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->string('unit')->default('feet');
            $table->double('pace_length_m')->nullable();
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('students', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('hand');
            $table->string('level');
            $table->string('unit');
            $table->double('pace_length_m')->nullable();
            $table->double('target_pace_m');
            $table->string('putter')->nullable();
            $table->string('school');
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('greens', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('surface');
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('practice_sessions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->nullable()->constrained();
            $table->foreignUlid('green_id')->nullable()->constrained();
            $table->unsignedInteger('minutes')->nullable();
            $table->string('purpose')->nullable();
            $table->json('conditions');
            $table->json('stations');
            $table->json('set_aside');
            $table->text('note_for_student')->nullable();
            $table->text('note_for_next')->nullable();
            $table->timestamp('started_at');
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->index(['coach_id', 'started_at']);
            $table->index(['student_id', 'started_at']);
        });

        Schema::create('green_readings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('green_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('practice_session_id')->nullable()->constrained()->nullOnDelete();
            $table->string('method');
            $table->json('entries');
            $table->double('speed_m')->nullable();
            $table->double('standard_error_m')->nullable();
            $table->double('grade')->nullable();
            $table->boolean('is_level');
            $table->json('warnings');
            $table->timestamp('taken_at');
            $table->timestamps();
            $table->index(['green_id', 'taken_at']);
        });

        // The log under a session: rows are only ever added; "position" is the order of arrival.
        Schema::create('session_events', function (Blueprint $table): void {
            $table->id('position');
            $table->ulid('id')->unique();
            $table->foreignUlid('practice_session_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('logged_by')->constrained('coaches')->cascadeOnDelete();
            $table->string('type');
            $table->json('payload');
            $table->unsignedBigInteger('at_ms');
            $table->timestamp('recorded_at');
            $table->index(['practice_session_id', 'at_ms']);
        });
    }

    public function down(): void
    {
        foreach (['session_events', 'green_readings', 'practice_sessions', 'greens', 'students', 'coaches'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
