<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Drill\Expectation;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What a drill will take at a student's own rate.
 *
 * @property Expectation $resource
 */
final class ExpectationResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'balls' => $this->resource->balls,
            'balls_with_cap' => $this->resource->forecast?->capped,
            'chance_to_finish' => $this->resource->forecast?->done,
            'basis' => $this->resource->basis->value,
            'putts_behind' => $this->resource->puttsBehind,
            'cap' => ['balls' => $this->resource->cap->balls, 'minutes' => $this->resource->cap->minutes],
            'gate_that_measures_m' => $this->resource->measuringGate?->metres(),
        ];
    }
}
