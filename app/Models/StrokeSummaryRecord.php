<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Stroke\StrokeSummary;
use Illuminate\Database\Eloquent\Model;

/**
 * What one student's own line tells the prior of their workspace (maths.md 3.8); kept as of their last session.
 *
 * @property string $workspace_id
 * @property string $student_id
 * @property string $surface
 * @property float $beta
 * @property float $beta_error
 * @property float $sigma
 * @property float $degrees_of_freedom
 */
final class StrokeSummaryRecord extends Model
{
    protected $table = 'stroke_summaries';

    public $timestamps = false;

    protected $guarded = [];

    /** The summary as the core reads it. */
    public function summary(): StrokeSummary
    {
        return StrokeSummary::of($this->beta, $this->beta_error, $this->sigma, $this->degrees_of_freedom);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['beta' => 'float', 'beta_error' => 'float', 'sigma' => 'float', 'degrees_of_freedom' => 'float'];
    }
}
