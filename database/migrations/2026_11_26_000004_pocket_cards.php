<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** One printed side for a student, and a private link to it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('pocket_cards', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('student_id')->unique()->constrained()->cascadeOnDelete();
            $table->double('speed_1_m')->nullable();
            $table->double('speed_2_m')->nullable();
            $table->string('work_on', 300)->nullable();
            $table->string('home_task', 300)->nullable();
            $table->date('next_on')->nullable();
            // Of the link only its hash is kept: who reads this database cannot open it.
            $table->string('link_hash', 64)->nullable()->unique();
            $table->timestamp('link_until')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('pocket_cards');
    }
};
