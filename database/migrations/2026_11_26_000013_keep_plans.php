<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('practice_sessions', fn(Blueprint $table) => $table->json('plan')->nullable());
    }

    public function down(): void
    {
        Schema::table('practice_sessions', fn(Blueprint $table) => $table->dropColumn('plan'));
    }
};
