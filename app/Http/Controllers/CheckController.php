<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Check\CheckKinds;
use Amble\Core\Direction\FaceAndPath;
use Amble\Core\Student\PreferenceQuestion;
use Amble\Core\Student\Prompt;
use App\Http\Csv\FiguresCsv;
use App\Http\Requests\FaceAndPathRequest;
use App\Http\Resources\CheckKindResource;
use App\Http\Resources\ChecklistReportResource;
use App\Http\Resources\ChecklistResource;
use App\Http\Resources\CheckReportResource;
use App\Http\Resources\PreferenceQuestionResource;
use App\Models\Coach;
use App\Models\Student;
use App\Models\Workspace;
use App\Reports\CheckHistory;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What can be checked of a student, and what was. */
final class CheckController
{
    public function __construct(private readonly CheckHistory $checks) {}

    /** Lay out every check, every card of the workspace, and the questions on which schools differ. */
    public function book(Request $request): JsonResponse
    {
        $coach = $request->user();
        assert($coach instanceof Coach);

        return new JsonResponse([
            'kinds' => CheckKindResource::collection(array_values(CheckKinds::all())),
            'cards' => ChecklistResource::collection(array_values($this->checks->cards($coach->workspace_id))),
            'questions' => PreferenceQuestionResource::all(
                array_values(PreferenceQuestion::all()),
                Workspace::query()->find($coach->workspace_id)->schools ?? [],
            ),
        ]);
    }

    /** What was checked of one student. */
    public function ofStudent(Student $student): JsonResponse
    {
        return new JsonResponse([
            'checks' => CheckReportResource::collection($this->checks->looks($student)),
            'cards' => ChecklistReportResource::collection($this->checks->cardLooks($student)),
        ]);
    }

    public function asCsv(Student $student): Response
    {
        $rows = [];
        foreach ($this->checks->looks($student) as $look) {
            foreach ($look->course as $point) {
                $at = CarbonImmutable::createFromTimestampMsUTC($point->atMilliseconds)->toIso8601ZuluString();
                $rows[] = [
                    $at,
                    $point->sessionId,
                    $look->kind->question,
                    $look->findings[0]->unit->value ?? '',
                    $point->value,
                    $point->interval?->low,
                    $point->interval?->high,
                    $point->n,
                ];
            }
        }

        return FiguresCsv::answer('checks', ['at', 'session', ...FiguresCsv::HEAD], $rows);
    }

    /** Where a ball starts from a face and a path, and what takes it out. */
    public function faceAndPath(FaceAndPathRequest $request): JsonResponse
    {
        $faceAndPath = $request->faceAndPath();
        $degrees = static fn(?float $radians): ?float => $radians === null ? null : rad2deg($radians);

        return new JsonResponse([
            'start_deg' => $degrees($faceAndPath->start),
            'turn_stroke_deg' => $degrees($faceAndPath->wholeStroke),
            'turn_face_deg' => $degrees($faceAndPath->face),
            'caution' => FaceAndPath::CAUTION,
        ]);
    }

    /** What to remember of a student today, and what is said beside the lane. */
    public function remember(Student $student): JsonResponse
    {
        $remembered = $this->checks->remembered($student);

        return new JsonResponse([
            'lines' => array_map(
                static fn(array $line): array => ['about' => $line[0], 'text' => $line[1]],
                $remembered['lines'],
            ),
            'recipe' => $remembered['recipe']?->title,
            'prompts' => array_map(
                static fn(Prompt $prompt): array => [
                    'text' => $prompt->text,
                    'from_m' => $prompt->from,
                    'to_m' => $prompt->to,
                ],
                $remembered['prompts'],
            ),
            'after_miss' => $remembered['after_miss'],
        ]);
    }
}
