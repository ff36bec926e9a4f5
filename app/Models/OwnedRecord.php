<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * A record that belongs to one bench and is nobody else's business.
 *
 * @property string $id
 * @property string $bench_id
 * @property string $coach_id who made it
 */
abstract class OwnedRecord extends Model
{
    use HasUlids;

    /**
     * Find what a client made under its own id before, so that sending twice makes it once. An id of another
     * bench's record answers as if there were none to have.
     */
    public static function madeBefore(?string $id, string $benchId): ?static
    {
        $query = in_array(SoftDeletes::class, class_uses_recursive(static::class), true) ? static::query()->withoutGlobalScope(SoftDeletingScope::class) : static::query();
        $record = $id === null ? null : $query->whereKey($id)->get()->first();
        abort_if($record !== null && $record->bench_id !== $benchId, 404);

        return $record;
    }
}
