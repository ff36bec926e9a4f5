<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Green\Surface;
use Amble\Core\Stroke\StrokePrior;
use Amble\Core\Stroke\StrokeSummary;
use App\Models\StrokeSummaryRecord;
use App\Models\Student;
use Illuminate\Support\Collection;

/** What the strokes of a workspace's other students say of a new student's first balls (maths.md 3.8). */
final class StrokePriors
{
    /** The prior this workspace's other students make on a kind of surface. */
    public function of(Student $student, Surface $surface): StrokePrior
    {
        /** @var Collection<int, StrokeSummaryRecord> $others */
        $others = StrokeSummaryRecord::query()
            ->where('workspace_id', $student->workspace_id)
            // Made up, they tell nothing of anybody.
            ->whereNotIn(
                'student_id',
                Student::withTrashed()
                    ->where('workspace_id', $student->workspace_id)
                    ->where('is_simulated', true)
                    ->select('id'),
            )
            ->where('surface', $surface->value)
            ->where('student_id', '!=', $student->id)
            ->orderBy('student_id')
            ->get();

        return StrokePrior::ofWorkspace(
            array_values($others->map(static fn(StrokeSummaryRecord $row): StrokeSummary => $row->summary())->all()),
        );
    }
}
