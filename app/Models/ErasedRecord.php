<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/** Ids of what was erased for good, told to every device of the workspace until none can still hold anything of it. */
final class ErasedRecord extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    /** No device keeps an answer or a resume state for longer, days; then some. */
    private const TOLD_DAYS = 60;

    /** @param list<string> $ids */
    public static function note(string $workspaceId, array $ids): void
    {
        self::query()->insertOrIgnore(
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
            self::query()
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
            self::query()->where('workspace_id', $workspaceId)->whereIn('record_id', $some)->delete();
        }
    }

    public static function forgetOld(): void
    {
        self::query()
            ->where('erased_at', '<=', CarbonImmutable::now()->subDays(self::TOLD_DAYS))
            ->delete();
    }
}
