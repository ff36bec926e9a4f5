<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Drill\Level\Progression;
use App\Models\DrillDefinition;
use App\Reports\DrillSetup;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * How to set a drill out.
 *
 * @property DrillSetup $resource
 */
final class DrillSetupResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $sheet = $this->resource->sheet;

        return [
            'stand' => $sheet->stand(),
            'walking_line' => $sheet->walkingLine(),
            'cautions' => $sheet->cautions(),
            'checks' => DrillSetup::checks($sheet),
            'kit' => $sheet->kit(),
            'aid' => array_map(
                static fn(array $angle): array => [
                    'width_m' => $angle['width']->metres(),
                    'half_angle_deg' => rad2deg($angle['half_angle']),
                ],
                $sheet->aidAngles(),
            ),
            'aid_against_hole' => $this->resource->aidAgainstHole(),
            'stations' => $this->resource->stations(),
            'progression' => $this->progression(),
            'group' => $this->resource->group,
            'balls_in_all' => $this->resource->ballsInAll(),
            'expectation' =>
                $this->resource->expectation === null ? null : ExpectationResource::make($this->resource->expectation),
        ];
    }

    /** @return array<string, mixed>|null */
    private function progression(): ?array
    {
        $progression = $this->resource->progression;
        if ($progression === null) {
            return null;
        }
        $drill = DrillDefinition::asArray($this->resource->definition);
        $laid = fn(Progression $begins): array => [
            'level' => $begins->level,
            'card' => DrillResource::make(DrillDefinition::fromArray($begins->laidInto($drill, $this->resource->card))),
        ];

        return $laid($progression->standing()) + [
            'rung' => $progression->rung,
            'why' => $progression->why,
            'next' => $progression->isMove() ? $laid($progression) : null,
        ];
    }
}
