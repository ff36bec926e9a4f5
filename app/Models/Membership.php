<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A coach in a workspace.
 *
 * @property string $id
 * @property string $workspace_id
 * @property string $coach_id
 * @property Role $role
 */
final class Membership extends Model
{
    use HasUlids;

    protected $fillable = ['workspace_id', 'coach_id', 'role'];

    /** @return BelongsTo<Workspace, $this> */
    public function workspace(): BelongsTo
    {
        return $this->belongsTo(Workspace::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class];
    }
}
