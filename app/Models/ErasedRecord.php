<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Ids of what was erased for good, told to every device of the workspace until none can still hold anything of it. */
final class ErasedRecord
{
    /** No device keeps an answer or a resume state for longer, days; then some. */
    private const TOLD_DAYS = 60;

    /** @param list<string> $ids */
    public static function note(string $workspaceId, array $ids): void
    {
        DB::table('erased_records')->insertOrIgnore(
            array_map(
                static fn(string $id): array => [
                    'workspace_id' => $workspaceId,
                    'record_id' => $id,
                    'erased_at' => CarbonImmutable::now(),
                ],
                $ids,
            ),
        );
    }

    /** @return list<string> */
    public static function of(string $workspaceId): array
    {
        return array_values(
            DB::table('erased_records')
                ->where('workspace_id', $workspaceId)
                ->where('erased_at', '>', CarbonImmutable::now()->subDays(self::TOLD_DAYS))
                ->orderBy('record_id')
                ->pluck('record_id')
                ->map(strval(...))
                ->all(),
        );
    }

    /** @param list<string> $ids of what was brought back */
    public static function forget(string $workspaceId, array $ids): void
    {
        foreach (array_chunk($ids, 500) as $some) {
            DB::table('erased_records')->where('workspace_id', $workspaceId)->whereIn('record_id', $some)->delete();
        }
    }

    public static function forgetOld(): void
    {
        DB::table('erased_records')
            ->where('erased_at', '<=', CarbonImmutable::now()->subDays(self::TOLD_DAYS))
            ->delete();
    }
}
