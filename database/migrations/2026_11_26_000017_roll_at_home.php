<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('practice_sessions', static function (Blueprint $table): void {
            $table->boolean('is_home')->default(false);
            // What was rolled at home is left out wherever balls of a student are gathered.
            $table->index(['student_id', 'is_home']);
        });
        Schema::table('pocket_cards', static function (Blueprint $table): void {
            $table->string('home_drill', 80)->nullable();
            $table->string('home_cue', 300)->nullable();
            $table->unsignedSmallInteger('home_target')->nullable();
            $table->unsignedTinyInteger('home_days')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('practice_sessions', static function (Blueprint $table): void {
            $table->dropIndex(['student_id', 'is_home']);
            $table->dropColumn('is_home');
        });
        Schema::table('pocket_cards', static function (Blueprint $table): void {
            $table->dropColumn(['home_drill', 'home_cue', 'home_target', 'home_days']);
        });
    }
};
