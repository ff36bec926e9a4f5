<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * An import of records that is being written. Its rows belong to a workspace of the same id, which has no member, until
 * all are there.
 *
 * @property string $id
 * @property string $workspace_id the workspace they will belong to
 * @property string $coach_id
 * @property CarbonImmutable $updated_at when its last piece was written
 */
final class RecordImport extends Model
{
    use HasUlids;

    protected $table = 'imports';

    protected $fillable = ['workspace_id', 'coach_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['updated_at' => 'immutable_datetime'];
    }
}
