<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A recovery code of a coach, as its hash: good for one sign-in.
 *
 * @property string $coach_id
 * @property string $hash
 */
final class RecoveryCode extends Model
{
    protected $table = 'recovery_codes';

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];
}
