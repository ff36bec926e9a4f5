<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What each run found, for its session, its student and the next time; rewritten with each ball, like all that screens
 * read.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('findings', function (Blueprint $table): void {
            $table->id();
            $table->string('run_id', 40);
            $table->foreignUlid('practice_session_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('drill', 60);
            $table->string('name', 80);
            $table->unsignedBigInteger('at_ms');
            $table->unsignedInteger('balls');
            $table->string('phase');
            $table->unsignedSmallInteger('level');
            $table->unsignedSmallInteger('rung')->nullable();
            $table->text('recent');
            $table->text('findings');
            $table->index(['run_id', 'student_id']);
            $table->index(['student_id', 'drill', 'at_ms']);
            $table->index(['student_id', 'at_ms']);
            $table->index('practice_session_id');
        });
        Schema::table('students', function (Blueprint $table): void {
            $table->boolean('is_gentle')->default(false);
        });
        // Lengths a coach calls by a name, as they were said.
        Schema::create('length_sets', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->string('name', 60);
            $table->text('lengths_m');
            $table->string('said', 200);
            $table->timestamps();
            $table->index(['bench_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('length_sets');
        Schema::table('students', fn(Blueprint $table) => $table->dropColumn('is_gentle'));
        Schema::dropIfExists('findings');
    }
};
