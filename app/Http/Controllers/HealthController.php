<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;

/** Whether this server can do its work, for whatever watches over it. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        try {
            DB::table('migrations')->count();
        } catch (\Throwable $failed) {
            Log::error('The database cannot be read.', ['failed' => $failed::class]);

            return new JsonResponse(['is_well' => false], 503);
        }

        return new JsonResponse(['is_well' => true]);
    }
}
