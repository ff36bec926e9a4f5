<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\DrillFindingRecord;
use App\Reports\DrillFindings;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A run with what it found, to be opened again.
 *
 * @property DrillFindingRecord $resource
 */
final class DrillFindingResource extends JsonResource
{
    public function __construct(DrillFindingRecord $row, private readonly DrillFindings $findings)
    {
        parent::__construct($row);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $row = $this->resource;

        return [
            'run_id' => $row->run_id,
            'session_id' => $row->practice_session_id,
            'student_id' => $row->student_id,
            'drill' => $row->drill,
            'name' => $row->name,
            'at_ms' => $row->at_ms,
            'balls' => $row->balls,
            'phase' => $row->phase,
            'findings' => $this->findings->besideLastTime($row),
        ];
    }
}
