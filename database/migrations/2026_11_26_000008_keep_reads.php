<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Reads kept at a green, with the pace they are good for, and what was called before a simulated ball rolled. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('kept_reads', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('green_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->json('putt');
            $table->timestamps();
            $table->index('green_id');
        });
        Schema::create('guesses', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->json('putt');
            $table->double('called_aim_m');
            $table->double('called_plays_m');
            // Worked out when it is kept: the level rests on every guess there ever was.
            $table->boolean('is_right');
            $table->timestamps();
            $table->index(['student_id', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('guesses');
        Schema::dropIfExists('kept_reads');
    }
};
