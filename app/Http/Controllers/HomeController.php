<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Homework\Entry;
use Amble\Core\Homework\EntryKind;
use Amble\Core\Homework\HomeLook;
use App\Http\Middleware\AuthenticateLink;
use App\Http\Requests\HomeEntryRequest;
use App\Http\Resources\HomeEntryResource;
use App\Http\Resources\LookResource;
use App\Models\Coach;
use App\Models\HomeEntry;
use App\Models\PocketCard;
use App\Models\Student;
use App\Reports\HomeworkReport;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What is done and asked at home: noted behind a private link, answered by the coach. */
final class HomeController
{
    public function __construct(private readonly HomeworkReport $home)
    {
    }

    public function show(Student $student): JsonResponse
    {
        $rows = $this->home->of($student);
        $entries = array_map(static fn(HomeEntry $row): Entry => $row->entry(), $rows);
        $look = HomeLook::of($entries);
        /** @var PocketCard|null $card */
        $card = PocketCard::query()->where('student_id', $student->id)->get()->first();
        $task = $card?->task();

        return new JsonResponse([
            'entries' => HomeEntryResource::collection($rows),
            'finding' => $look->finding === null ? null : LookResource::finding('home', $look->finding),
            'question' => $look->question,
            'task' => $task === null ? null : ['line' => $task->line(), 'lately' => $task->lately($entries, (int) now()->getTimestampMs())],
        ]);
    }

    /** Answer what was asked; it reaches the student behind their link. */
    public function answer(HomeEntryRequest $request, #[CurrentUser] Coach $coach, Student $student): JsonResponse
    {
        $entry = $request->entry();
        if ($entry->kind !== EntryKind::Answer) {
            throw InvalidInput::at('kind', 'What is done and asked is the student’s to note.');
        }
        $this->home->keep($student, $request->entryId(), $coach->id, $entry);

        return $this->show($student);
    }

    /** Note what whoever holds the link did or asks; the link alone opens this. */
    public function note(HomeEntryRequest $request, string $link): JsonResponse
    {
        $card = AuthenticateLink::card($request);
        $entry = $request->entry();
        if ($entry->kind === EntryKind::Answer) {
            throw InvalidInput::at('kind', 'Answers are the coach’s.');
        }

        return new JsonResponse(new HomeEntryResource($this->home->keep($card->student, $request->entryId(), $card->coach_id, $entry)));
    }
}
