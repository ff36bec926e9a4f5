<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Csv\RecordsZip;
use App\Http\Requests\EraseStudentRequest;
use App\Http\Requests\ToldRequest;
use App\Models\Bench;
use App\Models\Coach;
use App\Models\Student;
use App\Practice\Projector;
use App\Records\ErasingStudent;
use App\Records\RecordFile;
use App\Records\TakingRecordsIn;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** Everything that was entered: out, in again, and gone for good. */
final class RecordsController
{
    public function ofBench(#[CurrentUser] Coach $coach): JsonResponse
    {
        return self::file(RecordFile::ofBench(Bench::query()->findOrFail($coach->bench_id)));
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
    public function preview(ToldRequest $request, Projector $projector): JsonResponse
    {
        return $this->take($request, $projector, true);
    }

    public function store(ToldRequest $request, Projector $projector): JsonResponse
    {
        return $this->take($request, $projector, false);
    }

    public function goes(Student $student): JsonResponse
    {
        return new JsonResponse((new ErasingStudent($student))->goes());
    }

    public function erase(EraseStudentRequest $request, Student $student, Projector $projector): Response
    {
        $request->validated();
        (new ErasingStudent($student))->erase($projector);

        return response()->noContent();
    }

    private function take(ToldRequest $request, Projector $projector, bool $isTrial): JsonResponse
    {
        $counts = TakingRecordsIn::read($request->coach(), $request->told())->take($projector, $isTrial);

        return new JsonResponse(array_map(
            static fn(string $table, array $count): array => ['table' => $table] + $count,
            array_keys($counts),
            array_values($counts),
        ));
    }

    private static function file(RecordFile $file): JsonResponse
    {
        $answer = new JsonResponse($file->toArray(), 200, [
            'Content-Disposition' => 'attachment; filename="amble-records.json"',
            'Cache-Control' => 'private, no-store',
        ]);
        $answer->setEncodingOptions(JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);

        return $answer;
    }
}
