<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('sign_ins', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->string('device', 80);
            $table->timestamp('began_at');
            $table->timestamp('seen_at');
            $table->index(['coach_id', 'seen_at']);
        });
    }

    public function down(): void
    {
        Schema::drop('sign_ins');
    }
};
