<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\SoftDeletes;

/** Notes who changed, put away or brought back a record. What is folded from a log has the log itself to tell it. */
trait KeepsChanges
{
    protected static function bootKeepsChanges(): void
    {
        self::updated(static fn(self $record) => Change::note($record, 'changed'));
        if (in_array(SoftDeletes::class, class_uses_recursive(static::class), true)) {
            self::deleted(static fn(self $record) => $record->exists ? Change::note($record, 'put_away') : null);
            self::registerModelEvent('restored', static fn(self $record) => Change::note($record, 'brought_back'));
        }
    }
}
