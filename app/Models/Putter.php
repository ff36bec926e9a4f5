<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A putter of a student, as it was measured; balls carry the name of the one in use.
 *
 * @property string $student_id
 * @property string $name
 * @property float|null $length_m
 * @property float|null $lie_deg
 * @property float|null $loft_deg
 * @property float|null $head_g
 * @property string|null $sole how the sole lies at address: flat, toe up, heel up
 * @property string|null $mark what is on it to aim with
 */
final class Putter extends WorkspaceModel
{
    public const SOLES = ['flat', 'toe_up', 'heel_up'];

    protected $fillable = [
        'id',
        'workspace_id',
        'coach_id',
        'student_id',
        'name',
        'length_m',
        'lie_deg',
        'loft_deg',
        'head_g',
        'sole',
        'mark',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['length_m' => 'float', 'lie_deg' => 'float', 'loft_deg' => 'float', 'head_g' => 'float'];
    }
}
