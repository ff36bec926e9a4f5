<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Drill\SetupSheet;
use App\Http\Requests\DrillSetupRequest;
use App\Http\Resources\DrillSetupResource;
use App\Models\DrillDefinition;
use App\Models\PracticeRun;
use App\Models\Student;
use App\Reports\DrillSetup;
use App\Reports\DrillStart;
use App\Reports\ReadingQuiz;

final class DrillSetupController
{
    /** Say how to set a drill out, under the id its run will have, so that scattered lengths are settled. */
    public function __invoke(DrillSetupRequest $request, DrillStart $runs, ReadingQuiz $guesses): DrillSetupResource
    {
        $session = $request->practiceSession();
        $definition = $guesses->turned($request->definition(), $session?->student);
        $card = DrillDefinition::card($definition);
        $drill = $card->rules;
        $seed = PracticeRun::seedOf($request->string('id')->toString());

        return DrillSetupResource::make(
            new DrillSetup(
                sheet: SetupSheet::of($card),
                drill: $drill,
                lengths: DrillStart::lengths($drill, $seed),
                coach: $request->coach(),
                stepped: $request->stepped(),
                expectation: $session === null ? null : $runs->expectation($drill, $seed, $session),
                progression: $session === null || $request->isChosen() ? null : $runs->progression($card, $session),
                definition: $definition,
                card: $card,
                group: $session === null
                    ? []
                    : array_values(
                        $request
                            ->students()
                            ->map(
                                static fn(Student $student): array => [
                                    'student' => $student->id,
                                    'name' => $student->name,
                                    'balls' => $runs->expectation($drill, $seed, $session, $student)->balls,
                                ],
                            )
                            ->all(),
                    ),
            ),
        );
    }
}
