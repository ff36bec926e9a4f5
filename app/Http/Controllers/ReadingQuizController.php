<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Reading\PuttSituation;
use Amble\Core\Reading\QuizOfTen;
use Amble\Core\Reading\QuizWords;
use Amble\Core\Report\Finding;
use App\Http\Requests\QuizAnswerRequest;
use App\Http\Requests\ReadingQuizRequest;
use App\Http\Resources\MeasureReportResource;
use App\Models\QuizAnswerRecord;
use App\Models\Student;
use App\Reports\ReadingQuiz;
use Illuminate\Http\JsonResponse;

/** Aim and pace called before a putt rolls on the screen, and what came of it. */
final class ReadingQuizController
{
    public function __construct(private readonly ReadingQuiz $guesses) {}

    public function ten(ReadingQuizRequest $request, Student $student): JsonResponse
    {
        $standing = $this->standing($student);
        $rolled = $this->guesses->rolled($student);
        $feared = $this->guesses->feared($student);
        $curving = $request->isFeared() ? $feared?->curving : $request->curving();
        $putts = $this->guesses->ten(
            $student,
            $standing['level'] - 1,
            $request->isBlocked(),
            $request->isOwn() ? $rolled : [],
            $curving,
            new SeededRandom($request->seed()),
        );

        return new JsonResponse([
            'putts' => array_map(static fn(PuttSituation $putt): array => $putt->said(), $putts),
            'has_history' => $rolled !== [],
            'feared' => $feared?->words,
            'standing' => $standing,
        ]);
    }

    /** Keep a guess under the client's id, and tell what came of it; the same id again answers the same. */
    public function store(QuizAnswerRequest $request, Student $student): JsonResponse
    {
        $guess = $request->guess();
        $row = QuizAnswerRecord::once(
            $request->clientId(),
            $student->workspace_id,
            static fn(): QuizAnswerRecord => QuizAnswerRecord::query()->create([
                'id' => $request->clientId(),
                'workspace_id' => $student->workspace_id,
                'coach_id' => $request->coach()->id,
                'student_id' => $student->id,
                'putt' => $guess->putt->said(),
                'called_aim_m' => $guess->aim,
                'called_plays_m' => $guess->plays,
            ]),
        );
        $guess = $row->guess() ?? $guess;
        $ball = $guess->ball();

        return new JsonResponse([
            'id' => $row->id,
            'is_right' => $guess->isRight(),
            'is_aim_right' => $guess->isAimRight(),
            'is_pace_right' => $guess->isPaceRight(),
            'needed_m' => $guess->needed,
            'plays_like_m' => $guess->real->playsLike(),
            'is_holed' => $ball->isHoled,
            'leave_m' => $ball->leave,
            'path' => $guess->path(),
            'right_path' => $guess->rightPath(),
            'words' => QuizWords::of($guess),
            'standing' => $this->standing($student),
        ]);
    }

    /**
     * @return array{level: int, levels: int, counted: int, guesses: int, right: int, findings: list<array<string, mixed>>}
     */
    private function standing(Student $student): array
    {
        [$ladder, $n, $right, $findings] = $this->guesses->standing($student);

        return [
            'level' => $ladder->step + 1,
            'levels' => QuizOfTen::levels(),
            'counted' => $ladder->counted(),
            'guesses' => $n,
            'right' => $right,
            'findings' => array_map(
                static fn(Finding $finding): array => MeasureReportResource::finding('read_habit', $finding),
                $findings,
            ),
        ];
    }
}
