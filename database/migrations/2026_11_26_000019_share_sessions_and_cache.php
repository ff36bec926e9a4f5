<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where several web servers stand on one database, who is signed in and what was worked out are told there. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('user_id')->nullable();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('cache', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->longText('value');
            $table->bigInteger('expiration')->index();
        });
        Schema::create('cache_locks', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->bigInteger('expiration')->index();
        });
    }

    public function down(): void
    {
        foreach (['cache_locks', 'cache', 'sessions'] as $table) {
            Schema::drop($table);
        }
    }
};
