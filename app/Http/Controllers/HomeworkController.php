<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Homework\HomeworkEntry;
use Amble\Core\Homework\HomeworkEntryKind;
use Amble\Core\Homework\HomeworkReport;
use App\Http\Middleware\AuthenticateLink;
use App\Http\Requests\HomeworkEntryRequest;
use App\Http\Resources\HomeworkEntryResource;
use App\Http\Resources\MeasureReportResource;
use App\Models\Coach;
use App\Models\HomeworkRecord;
use App\Models\Student;
use App\Models\TakeHomeCard;
use App\Reports\HomeworkLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What is done and asked at home: noted behind a private link, answered by the coach. */
final class HomeworkController
{
    public function __construct(private readonly HomeworkLog $home) {}

    public function show(Student $student): JsonResponse
    {
        $rows = $this->home->of($student);
        $entries = array_map(static fn(HomeworkRecord $row): HomeworkEntry => $row->entry(), $rows);
        $look = HomeworkReport::of($entries);
        /** @var TakeHomeCard|null $card */
        $card = TakeHomeCard::query()->where('student_id', $student->id)->first();
        $task = $card?->task();

        return new JsonResponse([
            'entries' => HomeworkEntryResource::collection($rows),
            'finding' => $look->finding === null ? null : MeasureReportResource::finding('home', $look->finding),
            'question' => $look->question,
            'task' =>
                $task === null
                    ? null
                    : ['line' => $task->line(), 'lately' => $task->lately($entries, (int) now()->getTimestampMs())],
        ]);
    }

    /** Answer what was asked; it reaches the student behind their link. */
    public function answer(HomeworkEntryRequest $request, #[CurrentUser] Coach $coach, Student $student): JsonResponse
    {
        $entry = $request->entry();
        if ($entry->kind !== HomeworkEntryKind::Answer) {
            throw InvalidInput::at('kind', 'Only the student can log homework and questions.');
        }
        $this->home->keep($student, $request->entryId(), $coach->id, $entry);

        return $this->show($student);
    }

    /** Note what whoever holds the link did or asks; the link alone opens this. */
    public function note(HomeworkEntryRequest $request, string $link): JsonResponse
    {
        $card = AuthenticateLink::card($request);
        $entry = $request->entry();
        if ($entry->kind === HomeworkEntryKind::Answer) {
            throw InvalidInput::at('kind', 'Only the coach can answer.');
        }

        return new JsonResponse(
            new HomeworkEntryResource($this->home->keep($card->student, $request->entryId(), $card->coach_id, $entry)),
        );
    }
}
