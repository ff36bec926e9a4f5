<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Ids, and nothing else, of students and sessions that were erased for good: devices that were away throw away what
 * they kept of them.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('erased_records', static function (Blueprint $table): void {
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->ulid('record_id');
            $table->timestamp('erased_at');
            $table->primary(['bench_id', 'record_id']);
        });
    }

    public function down(): void
    {
        Schema::drop('erased_records');
    }
};
