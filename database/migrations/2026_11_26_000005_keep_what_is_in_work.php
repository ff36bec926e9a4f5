<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is in work with a student: complaint, goal, the one thing or two, known faults. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('students', fn(Blueprint $table) => $table->json('in_work')->nullable());
    }

    public function down(): void
    {
        Schema::table('students', fn(Blueprint $table) => $table->dropColumn('in_work'));
    }
};
