<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A drill a coach made or changed.
 *
 * @property string $name
 * @property string $definition the drill as JSON text, checked before it is kept
 */
final class SavedDrill extends WorkspaceModel
{
    use SoftDeletes;

    protected $table = 'drills';

    /** Give the drill in today's form. */
    public function definition(): \stdClass
    {
        return DrillDefinition::fromStored($this->definition);
    }

    protected $fillable = ['id', 'workspace_id', 'coach_id', 'name', 'definition'];
}
