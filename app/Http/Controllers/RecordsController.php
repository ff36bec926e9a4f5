<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EraseStudent;
use App\Actions\Import\ImportProgress;
use App\Actions\Import\ImportRecords;
use App\Actions\ProjectSession;
use App\Http\Csv\RecordsZip;
use App\Http\ProgressStream;
use App\Http\Requests\EraseStudentRequest;
use App\Http\Requests\JsonRequest;
use App\Models\Coach;
use App\Models\Student;
use App\Models\Workspace;
use App\Reports\RecordFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** Everything that was entered: out, in again, and gone for good. */
final class RecordsController
{
    public function __construct(private readonly ImportRecords $import) {}

    public function ofWorkspace(#[CurrentUser] Coach $coach): JsonResponse
    {
        return self::file(RecordFile::ofWorkspace(Workspace::query()->findOrFail($coach->workspace_id)));
    }

    public function ofStudent(Student $student): JsonResponse
    {
        return self::file(RecordFile::ofStudent($student));
    }

    /** The same as tables to be opened with anything, and a description of them. */
    public function ofStudentAsTables(Student $student): Response
    {
        return RecordsZip::answer('student', RecordFile::ofStudent($student));
    }

    /** Tell what a file would bring; nothing is kept. */
    public function preview(JsonRequest $request): Response
    {
        return $this->take($request, true);
    }

    public function store(JsonRequest $request): Response
    {
        return $this->take($request, false);
    }

    public function deletionPreview(Student $student): JsonResponse
    {
        return new JsonResponse((new EraseStudent($student))->deletionPreview());
    }

    public function erase(EraseStudentRequest $request, Student $student, ProjectSession $projector): Response
    {
        $request->validated();
        (new EraseStudent($student))->erase($projector);

        return response()->noContent();
    }

    /** All at once; or, where it is asked for so, line by line how far it has come. */
    private function take(JsonRequest $request, bool $isTrial): Response
    {
        $run = $this->import->run($request->coach(), $request->jsonInput(), $isTrial);
        if (in_array(ProgressStream::TYPE, $request->getAcceptableContentTypes(), true)) {
            return ProgressStream::of(
                $run,
                static fn(ImportProgress $at): array => ['phase' => $at->phase, 'done' => $at->done, 'of' => $at->of],
                self::counted(...),
            );
        }
        while ($run->valid()) {
            $run->next();
        }

        return new JsonResponse(self::counted($run->getReturn()));
    }

    /**
     * @param array<string, array{new: int, there: int}> $counts
     *
     * @return list<array{table: string, new: int, there: int}>
     */
    private static function counted(array $counts): array
    {
        return array_map(
            static fn(string $table, array $count): array => ['table' => $table] + $count,
            array_keys($counts),
            array_values($counts),
        );
    }

    private static function file(RecordFile $file): JsonResponse
    {
        $answer = new JsonResponse($file->toArray(), 200, [
            'Content-Disposition' => 'attachment; filename="amble-records.json"',
            'Cache-Control' => 'private, no-store',
        ]);
        $answer->setEncodingOptions(JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
        // It may go out compressed: how far it has come is told by what was in it before.
        $answer->headers->set('X-Amble-Bytes', (string) strlen((string) $answer->getContent()));

        return $answer;
    }
}
