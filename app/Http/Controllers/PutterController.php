<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PutterRequest;
use App\Http\Resources\PutterResource;
use App\Models\Putter;
use App\Models\Student;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** A student's putters. Every ball carries the name of the one in use, so that a change of it breaks the path. */
final class PutterController
{
    public function index(Student $student): AnonymousResourceCollection
    {
        return $this->all($student);
    }

    /** Keep one under the client's id; the same id again answers with what is there. The first is in use at once. */
    public function store(PutterRequest $request, Student $student): AnonymousResourceCollection
    {
        $coach = $request->coach();
        Putter::once(
            $request->clientId(),
            $student->workspace_id,
            static fn(): Putter => Putter::query()->create(
                $request->validated() + [
                    'workspace_id' => $student->workspace_id,
                    'coach_id' => $coach->id,
                    'student_id' => $student->id,
                ],
            ),
        );
        if ($student->putter === null) {
            $student->update(['putter' => $request->validated('name')]);
        }

        return $this->all($student);
    }

    /** A putter in use that is called otherwise is still in use. */
    public function update(PutterRequest $request, Putter $putter): AnonymousResourceCollection
    {
        $student = self::studentOf($putter);
        DB::transaction(function () use ($request, $putter, $student): void {
            $isInUse = $student->putter === $putter->name;
            $putter->update(Arr::except($request->validated(), 'id'));
            if ($isInUse) {
                $student->update(['putter' => $putter->name]);
            }
        });

        return $this->all($student);
    }

    public function use(Putter $putter): AnonymousResourceCollection
    {
        $student = self::studentOf($putter);
        $student->update(['putter' => $putter->name]);

        return $this->all($student);
    }

    public function destroy(Putter $putter): Response
    {
        $putter->delete();

        return response()->noContent();
    }

    private static function studentOf(Putter $putter): Student
    {
        return Student::withTrashed()->whereKey($putter->student_id)->firstOrFail();
    }

    private function all(Student $student): AnonymousResourceCollection
    {
        /** @var Collection<int, Putter> $putters */
        $putters = Putter::query()->where('student_id', $student->id)->orderBy('created_at')->orderBy('id')->get();

        return PutterResource::collection(
            $putters->map(
                static fn(Putter $putter): PutterResource => new PutterResource(
                    $putter,
                    $student->putter === $putter->name,
                ),
            ),
        );
    }
}
