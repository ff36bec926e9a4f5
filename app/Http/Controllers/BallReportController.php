<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Green\Surface;
use Amble\Core\Report\Finding;
use Amble\Core\Review\ChangeMarker;
use Amble\Core\Review\MeasureComparison;
use Amble\Core\Review\MeasureReport;
use Amble\Core\Review\ReviewQuestion;
use Amble\Core\Review\Trend;
use App\Http\Csv\FiguresCsv;
use App\Http\Requests\BallReportRequest;
use App\Http\Resources\MeasureReportResource;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\BallReport;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * The questions of looking back: of a session, of a student, over time, side by side; each as figures to take along
 * too.
 */
final class BallReportController
{
    public function __construct(private readonly BallReport $looks) {}

    public function ofSession(BallReportRequest $request, PracticeSession $session): MeasureReportResource
    {
        $student = $request->student();
        $look = $this->looks->ofSession($session, $student, $request->filter());

        return new MeasureReportResource(
            $look,
            $session->green?->surface,
            array_filter([$session->green?->surface]),
            self::drillNames($look, $student),
        );
    }

    public function ofSessionAsCsv(BallReportRequest $request, PracticeSession $session): Response
    {
        return self::lookCsv($this->looks->ofSession($session, $request->student(), $request->filter()), 'session');
    }

    /** What the misses of a session say of the slope at its stations; offered, never taken by itself. */
    public function slopes(BallReportRequest $request, PracticeSession $session): JsonResponse
    {
        $student = $session->student;

        return new JsonResponse($student === null ? [] : $this->looks->slopes($session, $student));
    }

    public function ofStudent(BallReportRequest $request, Student $student): MeasureReportResource
    {
        [$look, $surface, $surfaces] = $this->looks->ofStudent($student, $request->surface(), $request->filter());

        return new MeasureReportResource($look, $surface, $surfaces, self::drillNames($look, $student));
    }

    public function ofStudentAsCsv(BallReportRequest $request, Student $student): Response
    {
        return self::lookCsv($this->looks->ofStudent($student, $request->surface(), $request->filter())[0], 'student');
    }

    /** Tell every measure session by session, and what breaks the path. */
    public function course(BallReportRequest $request, Student $student): JsonResponse
    {
        $forTrend = $request->coach()->trend_sessions;
        [$lines, $changeMarkers, $surface, $surfaces, $latest] = $this->looks->course(
            $student,
            $request->surface(),
            $request->filter(),
            $forTrend,
        );

        return new JsonResponse([
            'surface' => $surface?->value,
            'surfaces' => array_map(static fn(Surface $one): string => $one->value, $surfaces),
            'sessions_for_trend' => $forTrend,
            'latest_session_id' => $latest,
            'lines' => array_map(
                static fn(Trend $line): array => [
                    'key' => $line->key,
                    'question' => $line->question,
                    'unit' => $line->unit->value,
                    'sentence' => $line->sentence,
                    'is_clear' => $line->change?->isClear(),
                    'points' => array_map(MeasureReportResource::coursePoint(...), $line->points),
                ],
                $lines,
            ),
            'change_markers' => array_map(
                static fn(ChangeMarker $stile): array => [
                    'session_id' => $stile->sessionId,
                    'at_ms' => $stile->atMilliseconds,
                    'kind' => $stile->kind,
                    'words' => $stile->words,
                ],
                $changeMarkers,
            ),
        ]);
    }

    public function courseAsCsv(BallReportRequest $request, Student $student): Response
    {
        [$lines] = $this->looks->course(
            $student,
            $request->surface(),
            $request->filter(),
            $request->coach()->trend_sessions,
        );
        $rows = [];
        foreach ($lines as $line) {
            foreach ($line->points as $point) {
                $rows[] = [
                    CarbonImmutable::createFromTimestampMsUTC($point->atMilliseconds)->toIso8601ZuluString(),
                    $point->sessionId,
                    $line->question,
                    $line->unit->value,
                    $point->value,
                    $point->interval?->low,
                    $point->interval?->high,
                    $point->n,
                ];
            }
        }

        return FiguresCsv::answer('over-time', ['at', 'session', ...FiguresCsv::HEAD], $rows);
    }

    /** Lay students, or two times of one, beside one another. */
    public function beside(BallReportRequest $request, Student $student): JsonResponse
    {
        [$names, $counts, $rows] = $this->looks->beside(
            $student,
            $request->others(),
            $request->surface(),
            $request->filter(),
            $request->then(),
        );

        return new JsonResponse([
            'who' => array_map(static fn(string $name, int $n): array => ['name' => $name, 'n' => $n], $names, $counts),
            'rows' => array_map(
                static fn(MeasureComparison $row): array => [
                    'key' => $row->key,
                    'question' => $row->question,
                    'verdicts' => $row->verdicts,
                    'findings' => array_map(
                        static fn(?Finding $finding): ?array => $finding === null
                            ? null
                            : MeasureReportResource::finding($row->key, $finding),
                        $row->findings,
                    ),
                ],
                $rows,
            ),
        ]);
    }

    public function besideAsCsv(BallReportRequest $request, Student $student): Response
    {
        [$names, , $rows] = $this->looks->beside(
            $student,
            $request->others(),
            $request->surface(),
            $request->filter(),
            $request->then(),
        );
        $cells = [];
        foreach ($rows as $row) {
            foreach ($row->findings as $i => $finding) {
                foreach ($finding === null ? [] : FiguresCsv::rowsOf($finding) as $figure) {
                    $cells[] = [$names[$i], ...$figure];
                }
            }
        }

        return FiguresCsv::answer('side-by-side', ['who', ...FiguresCsv::HEAD], $cells);
    }

    private static function lookCsv(MeasureReport $look, string $name): Response
    {
        $rows = [];
        foreach ($look->answers as $question => $findings) {
            foreach ($findings as $finding) {
                foreach (FiguresCsv::rowsOf($finding) as $figure) {
                    $rows[] = [ReviewQuestion::from($question)->title(), ...$figure];
                }
            }
        }

        return FiguresCsv::answer($name, ['question', ...FiguresCsv::HEAD], $rows);
    }

    /** @return array<string, string> as they were called when they were rolled last */
    private static function drillNames(MeasureReport $look, Student $student): array
    {
        /** @var array<string, string> $names */
        $names =
            $look->drills === []
                ? []
                : DB::table('findings')
                    ->where('student_id', $student->id)
                    ->whereIn('drill', array_keys($look->drills))
                    ->orderBy('at_ms')
                    ->pluck('name', 'drill')
                    ->all();

        return $names;
    }
}
