<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Drill\RunPart;
use Amble\Core\Drill\SetupSheet;
use Amble\Core\Session\Observation\ObservationTypes;
use Amble\Core\Session\SessionLog;
use App\Actions\ProjectSession;
use App\Models\DrillDefinition;
use App\Models\PracticeRun;
use App\Reports\DrillFindings;
use App\Reports\DrillSetup;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A drill being run, as its log has it, with what it found so far.
 *
 * @property PracticeRun $resource
 */
final class RunResource extends JsonResource
{
    /** @param string|null $student the session's own */
    public function __construct(
        PracticeRun $run,
        private readonly SessionLog $log,
        private readonly DrillFindings $findings,
        private readonly ?string $student,
    ) {
        parent::__construct($run);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $run = $this->resource;
        $definition = $run->definition();
        $card = DrillDefinition::card($definition);
        $sheet = SetupSheet::of($card);
        $group = RunPart::group($this->log, $run->students, $this->student);

        return [
            'id' => $run->id,
            'drill' => $definition,
            'rule' => $card->words->rule,
            'course_words' => $card->words->course,
            'kit' => $sheet->kit(),
            'checks' => DrillSetup::checks($sheet),
            'asks' => $card->asks,
            'asked' => ObservationTypeResource::collection(
                array_values(array_intersect_key(ObservationTypes::all(), array_flip($card->asks))),
            ),
            'seed' => $run->seed,
            'group' => $group,
            'findings' => array_map(
                fn(?string $student): array => [
                    'student' => $student,
                    'findings' => $this->findings->ofRun($run->id, $student),
                ],
                $group === [] ? [$this->student] : $group,
            ),
        ] +
            ReplayComputation::state(
                $card->rules,
                $this->log,
                $run->students,
                $run->seed,
                $this->student,
                ProjectSession::finishPast([$this->student, ...$group]),
            );
    }
}
