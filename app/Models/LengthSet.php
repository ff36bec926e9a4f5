<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Lengths a coach calls by a name.
 *
 * @property string $name
 * @property list<float> $lengths_m
 * @property string $said as they were typed, with their unit
 */
final class LengthSet extends WorkspaceModel
{
    protected $fillable = ['id', 'workspace_id', 'coach_id', 'name', 'lengths_m', 'said'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lengths_m' => 'array'];
    }
}
