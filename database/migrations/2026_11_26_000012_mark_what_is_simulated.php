<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    private const TABLES = ['students', 'greens'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn(Blueprint $table) => $table->boolean('is_simulated')->default(false));
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn(Blueprint $table) => $table->dropColumn('is_simulated'));
        }
    }
};
