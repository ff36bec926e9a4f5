<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Drill\Expectation;
use Amble\Core\Session\SessionLog;
use App\Models\PracticeRun;
use App\Practice\DrillRuns;
use App\Practice\SetOut;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A drill being run, as its log has it.
 *
 * @property PracticeRun $resource
 */
final class RunResource extends JsonResource
{
    /** @param Expectation|null $expectation told once, when it starts */
    public function __construct(PracticeRun $run, private readonly SessionLog $log, private readonly ?Expectation $expectation = null)
    {
        parent::__construct($run);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $drill = DrillRuns::drill($this->resource);
        $definition = json_decode($this->resource->definition);
        $sheet = SetOut::sheet($definition, $drill);

        return [
            'id' => $this->resource->id,
            'drill' => $definition,
            'kit' => $sheet->kit(),
            'checks' => SetOut::checks($sheet),
            'seed' => $this->resource->seed,
            'group' => $this->resource->students,
        ] + ReplayComputation::state($drill, $this->log, $this->resource->students, $this->resource->seed)
            + ($this->expectation === null ? [] : ['expectation' => ExpectationResource::make($this->expectation)]);
    }
}
