<?php

declare(strict_types=1);

use App\Actions\RebuildAfterMigration;
use Illuminate\Database\Migrations\Migration;

/** What runs found is told of those rolled before findings were kept, too. */
return new class extends Migration {
    public function up(): void
    {
        RebuildAfterMigration::onceMigrated();
    }

    public function down(): void {}
};
