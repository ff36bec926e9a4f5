<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Accounts made before addresses were read without case are found by them still. */
return new class extends Migration {
    public function up(): void
    {
        foreach (
            DB::table('coaches')
                ->orderBy('created_at')
                ->orderBy('id')
                ->get(['id', 'email'])
            as $coach
        ) {
            $address = mb_strtolower(trim((string) $coach->email));
            // Two of one address: the older one keeps it. The other is left as it is, for whoever runs this to settle.
            if ($address !== $coach->email && DB::table('coaches')->where('email', $address)->doesntExist()) {
                DB::table('coaches')
                    ->where('id', $coach->id)
                    ->update(['email' => $address]);
            }
        }
    }

    public function down(): void
    {
        // How they were written is not known any more, and no version of the app needs it.
    }
};
