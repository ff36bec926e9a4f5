<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** Answers over many sessions rest on what is prepared of each; nothing in it is anybody's only record. */
    public function up(): void
    {
        Schema::table(
            'practice_sessions',
            fn(Blueprint $table) => $table->unsignedBigInteger('balls_version')->default(0),
        );
        Schema::table('balls', fn(Blueprint $table) => $table->index(['student_id', 'practice_session_id']));
        Schema::create('prepared_sessions', function (Blueprint $table): void {
            $table->foreignUlid('practice_session_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('student_id')->constrained()->cascadeOnDelete();
            $table->string('basis', 32);
            $table->string('surface')->nullable();
            $table->longText('kept');
            $table->primary(['student_id', 'practice_session_id']);
            $table->index('practice_session_id');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('prepared_sessions');
        Schema::table('balls', fn(Blueprint $table) => $table->dropIndex(['student_id', 'practice_session_id']));
        Schema::table('practice_sessions', fn(Blueprint $table) => $table->dropColumn('balls_version'));
    }
};
