<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Notes who changed, put away, brought back or deleted a record. What is folded from a log has the log itself to tell
 * it.
 */
trait RecordsChanges
{
    protected static function bootRecordsChanges(): void
    {
        self::updated(static fn(self $record) => RecordChange::note($record, 'changed'));
        $isPutAway = in_array(SoftDeletes::class, class_uses_recursive(static::class), true);
        // A record that could be put away and is deleted all the same is erased: nothing is to be said of it.
        self::deleted(
            static fn(self $record) => $isPutAway && !$record->exists
                ? null
                : RecordChange::note($record, $isPutAway ? 'put_away' : 'deleted'),
        );
        if ($isPutAway) {
            self::registerModelEvent(
                'restored',
                static fn(self $record) => RecordChange::note($record, 'brought_back'),
            );
        }
    }
}
