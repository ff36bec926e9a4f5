<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** A session may be planned before the student comes: until it is started it is in no list of sessions. */
    public function up(): void
    {
        Schema::table('practice_sessions', fn(Blueprint $table) => $table->boolean('is_planned')->default(false));
    }

    public function down(): void
    {
        Schema::table('practice_sessions', fn(Blueprint $table) => $table->dropColumn('is_planned'));
    }
};
