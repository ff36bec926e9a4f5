<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Green\Surface;
use Amble\Core\Review\Measure\Strokes;
use Amble\Core\Stroke\FitOptions;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePrior;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/**
 * Each student's backstroke line on one kind of surface, kept while nothing new was rolled: questions come by the
 * dozen.
 */
final class StrokeLines
{
    private const KEPT_MINUTES = 60;

    public function __construct(private readonly StudentBalls $students, private readonly StrokePriors $priors) {}

    /** The line without its putts. */
    public function of(Student $student, ?Surface $surface): StrokeFit
    {
        $kept = Cache::get(self::key($student, $surface));

        return $kept instanceof StrokeFit
            ? $kept
            : $this->keep(
                $student,
                $surface,
                (new StrokeFitter(new FitOptions($this->prior($student, $surface))))->fit(
                    Strokes::putts($this->students->on($student, $surface)),
                ),
            );
    }

    public function keep(Student $student, ?Surface $surface, StrokeFit $fit): StrokeFit
    {
        $line = $fit->lineOnly();
        Cache::put(self::key($student, $surface), $line, CarbonImmutable::now()->addMinutes(self::KEPT_MINUTES));

        return $line;
    }

    /** What a first ball is read against. */
    public function prior(Student $student, ?Surface $surface): StrokePrior
    {
        return $surface === null ? StrokePrior::shipped() : $this->priors->of($student, $surface);
    }

    private static function key(Student $student, ?Surface $surface): string
    {
        return CacheKey::of('stroke-line', $student->workspace_id, [$student], [$surface?->value]);
    }
}
