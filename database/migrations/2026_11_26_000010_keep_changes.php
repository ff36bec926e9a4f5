<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who changed what of the records beside the log. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('changes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->string('record_type', 40);
            $table->ulid('record_id');
            $table->foreignUlid('student_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('what', 20);
            $table->json('fields');
            $table->timestamp('created_at');
            $table->index(['bench_id', 'student_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('changes');
    }
};
