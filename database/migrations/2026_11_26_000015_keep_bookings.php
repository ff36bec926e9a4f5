<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Who comes when and where; a time is kept as the clock on the wall says it, with its zone, so that it stays when
 * clocks change.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('bookings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('student_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignUlid('green_id')->nullable()->constrained()->nullOnDelete();
            $table->string('uid', 200);
            $table->string('title', 120)->nullable();
            $table->string('starts', 19)->nullable();
            $table->string('zone', 60);
            $table->unsignedSmallInteger('minutes');
            $table->unsignedSmallInteger('travel_minutes')->default(0);
            $table->string('rule', 200)->nullable();
            $table->json('skipped');
            $table->string('note', 500)->nullable();
            $table->timestamps();
            $table->unique(['bench_id', 'uid']);
            $table->index(['bench_id', 'starts']);
        });
        Schema::table('coaches', fn(Blueprint $table) => $table->string('calendar_hash', 64)->nullable()->unique());
    }

    public function down(): void
    {
        Schema::table('coaches', function (Blueprint $table): void {
            $table->dropUnique(['calendar_hash']);
            $table->dropColumn('calendar_hash');
        });
        Schema::dropIfExists('bookings');
    }
};
