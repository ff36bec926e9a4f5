<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rounds as they were putted, the benchmarks a coach holds them beside, and the lengths that matter. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('rounds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->date('played_on');
            $table->string('place', 80)->nullable();
            $table->boolean('is_from_memory')->default(false);
            $table->json('holes');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['student_id', 'played_on']);
        });
        Schema::create('benchmarks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->string('figure', 40);
            $table->double('length_m')->nullable();
            $table->double('value');
            $table->string('source', 200);
            $table->unsignedInteger('sample')->nullable();
            $table->timestamps();
            $table->index('bench_id');
        });
        Schema::table('coaches', function (Blueprint $table): void {
            // Three putts from inside this should not come; empty while the coach has said none.
            $table->double('three_putt_inside_m')->nullable();
        });
        Schema::table('students', function (Blueprint $table): void {
            // The lengths to practise where no rounds tell them.
            $table->double('band_low_m')->nullable();
            $table->double('band_high_m')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('benchmarks');
        Schema::dropIfExists('rounds');
        Schema::table('coaches', fn(Blueprint $table) => $table->dropColumn('three_putt_inside_m'));
        Schema::table('students', fn(Blueprint $table) => $table->dropColumn(['band_low_m', 'band_high_m']));
    }
};
