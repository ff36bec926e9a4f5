<?php

declare(strict_types=1);

use App\Actions\RebuildAfterMigration;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether a ball was rolled at a hole decides whether one that did not drop is a miss. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('balls', function (Blueprint $table): void {
            $table->boolean('is_at_hole')->default(false);
        });
        Schema::table('coaches', function (Blueprint $table): void {
            // Fewer sessions tell no trend.
            $table->unsignedTinyInteger('trend_sessions')->default(3);
        });
        Schema::table('students', function (Blueprint $table): void {
            // The one way a start to one side is taken out; empty while the coach has not chosen.
            $table->string('line_cure', 12)->nullable();
        });
        RebuildAfterMigration::onceMigrated();
    }

    public function down(): void
    {
        Schema::table('balls', fn(Blueprint $table) => $table->dropColumn('is_at_hole'));
        Schema::table('coaches', fn(Blueprint $table) => $table->dropColumn('trend_sessions'));
        Schema::table('students', fn(Blueprint $table) => $table->dropColumn('line_cure'));
    }
};
