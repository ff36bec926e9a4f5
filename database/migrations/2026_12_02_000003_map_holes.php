<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** A hole position of a green with the slopes that were read round it. */
    public function up(): void
    {
        Schema::create('hole_maps', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('workspace_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('coach_id')->constrained();
            $table->foreignUlid('green_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('mark', 120);
            $table->double('noise_percent');
            $table->json('readings');
            $table->timestamps();
            $table->index('green_id');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('hole_maps');
    }
};
