<?php

declare(strict_types=1);

use Amble\Core\Exception\InvalidInput;
use App\Calendar\Series;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A week reads only the bookings that may fall into it, by when each begins and when the last of it does. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('bookings', function (Blueprint $table): void {
            $table->string('last_at', 19)->nullable();
            $table->dropIndex(['bench_id', 'starts']);
            $table->index(['bench_id', 'starts', 'last_at']);
        });
        foreach (
            DB::table('bookings')
                ->whereNotNull('starts')
                ->get(['id', 'starts', 'zone', 'rule'])
            as $booking
        ) {
            try {
                $last = Series::lastAt(
                    (string) $booking->starts,
                    (string) $booking->zone,
                    $booking->rule === null ? null : (string) $booking->rule,
                );
            } catch (InvalidInput) {
                // Every week from its start on names it, to be deleted.
                $last = null;
            }
            DB::table('bookings')
                ->where('id', $booking->id)
                ->update(['last_at' => $last]);
        }
    }

    public function down(): void
    {
        Schema::table('bookings', function (Blueprint $table): void {
            $table->dropIndex(['bench_id', 'starts', 'last_at']);
            $table->index(['bench_id', 'starts']);
        });
        Schema::table('bookings', fn(Blueprint $table) => $table->dropColumn('last_at'));
    }
};
