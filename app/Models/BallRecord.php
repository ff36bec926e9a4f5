<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A standing ball as screens read it; rewritten from the log, never by itself. */
final class BallRecord extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'balls';

    protected $keyType = 'string';
}
