<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('drills', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->text('definition');
            $table->timestamps();
            $table->softDeletes();
        });

        // A run keeps the drill as it was when it started, so that a later change rewrites nothing.
        Schema::create('drill_runs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('practice_session_id')->constrained()->cascadeOnDelete();
            $table->text('definition');
            $table->unsignedInteger('seed');
            $table->json('students');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('drill_runs');
        Schema::dropIfExists('drills');
    }
};
