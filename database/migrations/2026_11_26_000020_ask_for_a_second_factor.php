<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('coaches', static function (Blueprint $table): void {
            $table->text('second_factor')->nullable();
            $table->timestamp('second_factor_since')->nullable();
            $table->unsignedBigInteger('second_factor_step')->default(0);
        });
        Schema::create('spare_codes', static function (Blueprint $table): void {
            $table->foreignUlid('coach_id')->constrained()->cascadeOnDelete();
            $table->string('hash', 64);
            $table->primary(['coach_id', 'hash']);
        });
    }

    public function down(): void
    {
        Schema::drop('spare_codes');
        Schema::table('coaches', static function (Blueprint $table): void {
            $table->dropColumn(['second_factor', 'second_factor_since', 'second_factor_step']);
        });
    }
};
