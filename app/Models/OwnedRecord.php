<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

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
}
