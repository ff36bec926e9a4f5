<?php

declare(strict_types=1);

namespace App\Actions;

use Amble\Core\Green\Surface;
use Amble\Core\Review\Measure\Strokes;
use Amble\Core\Stroke\StrokeFitter;
use App\Models\PracticeSession;
use App\Models\StrokeSummaryRecord;
use App\Models\Student;
use App\Models\Workspace;
use App\Reports\StudentBalls;
use Illuminate\Support\Facades\DB;

/**
 * What each student's own stroke tells a new student's first balls (maths.md 3.8).
 *
 * Kept as of the end of their last session: a fit of everybody's balls for every look would not do.
 */
final class RefreshStrokeSummaries
{
    public function __construct(private readonly StudentBalls $students) {}

    /** Refresh those of everybody who rolled in a session. */
    public function refreshSession(PracticeSession $session): void
    {
        $students = DB::table('balls')
            ->where('practice_session_id', $session->id)
            ->whereNotNull('student_id')
            ->distinct()
            ->pluck('student_id');
        foreach (Student::withTrashed()->whereKey($students)->get() as $student) {
            $this->refresh($student);
        }
    }

    public function refresh(Student $student): void
    {
        foreach (Surface::cases() as $surface) {
            $summary = (new StrokeFitter())->fit(Strokes::putts($this->students->on($student, $surface)))->summary();
            $key = ['student_id' => $student->id, 'surface' => $surface->value];
            $summary === null
                ? StrokeSummaryRecord::query()->where($key)->delete()
                : StrokeSummaryRecord::query()->updateOrCreate($key, [
                    'workspace_id' => $student->workspace_id,
                    'beta' => $summary->beta,
                    'beta_error' => $summary->betaError,
                    'sigma' => $summary->sigma,
                    'degrees_of_freedom' => $summary->degreesOfFreedom,
                ]);
        }
        Workspace::evidenceChanged($student->workspace_id);
    }
}
