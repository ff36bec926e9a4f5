<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A device on which a coach is signed in.
 *
 * @property string $id
 * @property string $coach_id
 * @property string $device
 * @property CarbonImmutable $began_at
 * @property CarbonImmutable $seen_at
 */
final class SignedInDevice extends Model
{
    protected $table = 'signed_in_devices';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['began_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
    }
}
