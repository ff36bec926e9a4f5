<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * An import under way. Its records are written in pieces to a workspace of its own that has the import's id and no member,
 * and become the workspace's in one step when all are there.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('imports', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('bench_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('imports');
    }
};
