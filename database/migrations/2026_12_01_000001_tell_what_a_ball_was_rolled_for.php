<?php

declare(strict_types=1);

use App\Actions\RebuildAfterMigration;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A ball rolled to measure the backstroke tells nothing of distance control. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('balls', static function (Blueprint $table): void {
            $table->boolean('is_measuring_stroke')->default(false);
        });
        RebuildAfterMigration::onceMigrated();
    }

    public function down(): void
    {
        Schema::table('balls', static fn(Blueprint $table) => $table->dropColumn('is_measuring_stroke'));
    }
};
