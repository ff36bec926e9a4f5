<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Rounds\BenchmarkFigure;
use Amble\Core\Units\Length;

/**
 * A figure a coach holds rounds beside, with where it comes from; nobody here has verified it.
 *
 * @property BenchmarkFigure $figure
 * @property float|null $length_m
 * @property float $value
 * @property string $source
 * @property int|null $sample how many putts it is said to rest on
 */
final class Benchmark extends WorkspaceModel
{
    protected $fillable = ['id', 'workspace_id', 'coach_id', 'figure', 'length_m', 'value', 'source', 'sample'];

    public function length(): ?Length
    {
        return $this->length_m === null ? null : Length::ofMetres($this->length_m);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figure' => BenchmarkFigure::class, 'length_m' => 'float', 'value' => 'float', 'sample' => 'integer'];
    }
}
