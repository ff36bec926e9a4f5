<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * A record that belongs to one workspace and is nobody else's business.
 *
 * @property string $id
 * @property string $workspace_id
 * @property string $coach_id who made it
 */
abstract class WorkspaceModel extends Model
{
    use HasUlids;
    use RecordsChanges;

    /**
     * What this belongs to, taken off the workspace or not: a record still belongs to what was done with it.
     *
     * @template TOther of Model
     *
     * @param class-string<TOther> $other
     *
     * @return BelongsTo<TOther, $this>
     */
    protected function belongsToEvenGone(string $other, string $key): BelongsTo
    {
        $of = $this->belongsTo($other, $key);
        $of->withoutGlobalScope(SoftDeletingScope::class);

        return $of;
    }

    /**
     * Find what a client made under its own id before, so that sending twice makes it once. An id of another
     * workspace's record answers as if there were none to have.
     */
    public static function madeBefore(?string $id, string $workspaceId): ?static
    {
        $query = in_array(SoftDeletes::class, class_uses_recursive(static::class), true)
            ? static::query()->withoutGlobalScope(SoftDeletingScope::class)
            : static::query();
        $record = $id === null ? null : $query->whereKey($id)->first();
        abort_if($record !== null && $record->workspace_id !== $workspaceId, 404);

        return $record;
    }

    /**
     * Make a record once, however often it is asked for under one id: twice in a row, or four times at the same moment.
     *
     * @param \Closure(): static $make
     */
    public static function once(?string $id, string $workspaceId, \Closure $make): static
    {
        $made = static::madeBefore($id, $workspaceId);
        if ($made === null) {
            try {
                // In a transaction of its own: where another was quicker, some databases spoil what is under way.
                $made = DB::transaction($make);
            } catch (UniqueConstraintViolationException $taken) {
                $made = static::madeBefore($id, $workspaceId) ?? throw $taken;
            }
        }
        // Told anew, not made anew: a second try finds the same record.
        $made->wasRecentlyCreated = false;

        return $made;
    }
}
