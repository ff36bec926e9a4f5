<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Csv\FiguresCsv;
use App\Http\Requests\RoundRequest;
use App\Http\Resources\RoundResource;
use App\Http\Resources\RoundSummaryResource;
use App\Http\Resources\StakesResource;
use App\Models\Coach;
use App\Models\Round;
use App\Models\Student;
use App\Reports\RoundStatistics;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Rounds, what they cost, and what would save most. */
final class RoundController
{
    public function __construct(private readonly RoundStatistics $play) {}

    public function show(#[CurrentUser] Coach $coach, Student $student): RoundSummaryResource
    {
        return new RoundSummaryResource($this->play->of($student, $coach->threePuttInside()));
    }

    /** Tell what would save most; it takes longer than the rest, so the page need not wait for it. */
    public function stakes(Student $student): StakesResource
    {
        return new StakesResource(...$this->play->stakes($student));
    }

    public function asCsv(#[CurrentUser] Coach $coach, Student $student): Answer
    {
        $rows = [];
        foreach ($this->play->of($student, $coach->threePuttInside())->rounds as $round) {
            foreach ($round->played()->holes as $i => $hole) {
                $rows[] = [
                    $round->played_on->toDateString(),
                    $round->place,
                    $round->is_from_memory,
                    $i + 1,
                    $hole->first?->metres(),
                    $hole->putts,
                    $hole->leave?->metres(),
                    $hole->side?->value,
                    $hole->isExtreme,
                ];
            }
        }

        return FiguresCsv::answer(
            'rounds',
            ['day', 'place', 'from_memory', 'hole', 'first_m', 'putts', 'leave_m', 'side', 'extreme_slope'],
            $rows,
        );
    }

    /** Keep a round under the client's id; the same id again answers with what is there. */
    public function store(RoundRequest $request, Student $student): RoundResource
    {
        $coach = $request->coach();
        $round = Round::once(
            $request->clientId(),
            $student->workspace_id,
            static fn(): Round => Round::query()->create(
                $request->columns() + [
                    'id' => $request->clientId(),
                    'workspace_id' => $student->workspace_id,
                    'coach_id' => $coach->id,
                    'student_id' => $student->id,
                ],
            ),
        );

        return new RoundResource($round, $coach->threePuttInside());
    }

    public function update(RoundRequest $request, Round $round): RoundResource
    {
        $round->update($request->columns());

        return new RoundResource($round, $request->coach()->threePuttInside());
    }

    public function destroy(Round $round): Response
    {
        $round->delete();

        return response()->noContent();
    }
}
