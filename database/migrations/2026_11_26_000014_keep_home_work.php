<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a student did and asked at home, and what the coach answered. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('home_entries', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->unsignedBigInteger('at_ms');
            $table->unsignedSmallInteger('balls')->nullable();
            $table->unsignedSmallInteger('passes')->nullable();
            $table->string('text', 1000)->nullable();
            $table->timestamps();
            $table->index(['student_id', 'at_ms']);
            $table->index(['bench_id', 'kind', 'at_ms']);
        });
        Schema::table('pocket_cards', fn(Blueprint $table) => $table->unsignedSmallInteger('home_balls')->nullable());
    }

    public function down(): void
    {
        Schema::table('pocket_cards', fn(Blueprint $table) => $table->dropColumn('home_balls'));
        Schema::dropIfExists('home_entries');
    }
};
