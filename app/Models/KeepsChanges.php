<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\SoftDeletes;

/** Notes who changed, put away, brought back or deleted a record. What is folded from a log has the log itself to tell it. */
trait KeepsChanges
{
    protected static function bootKeepsChanges(): void
    {
        self::updated(static fn(self $record) => Change::note($record, 'changed'));
        $isPutAway = in_array(SoftDeletes::class, class_uses_recursive(static::class), true);
        // A record that could be put away and is deleted all the same is erased: nothing is to be said of it.
        self::deleted(static fn(self $record) => $isPutAway && !$record->exists ? null : Change::note($record, $isPutAway ? 'put_away' : 'deleted'));
        if ($isPutAway) {
            self::registerModelEvent('restored', static fn(self $record) => Change::note($record, 'brought_back'));
        }
    }
}
