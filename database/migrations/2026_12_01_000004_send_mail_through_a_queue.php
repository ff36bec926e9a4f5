<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Mail waits for a worker, and what became of a letter about a booking is told where it was written. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', static function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::create('letters', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('booking_id')->constrained()->cascadeOnDelete();
            $table->string('to', 200);
            $table->string('offered', 19)->nullable();
            $table->string('state', 10);
            $table->timestamps();
            $table->index(['booking_id', 'id']);
        });
    }

    public function down(): void
    {
        foreach (['letters', 'failed_jobs', 'jobs'] as $table) {
            Schema::drop($table);
        }
    }
};
