<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A ball of a session, from its row.
 *
 * @property \stdClass $resource
 */
final class BallResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $row = $this->resource;

        return [
            'id' => $row->id,
            'at_ms' => (int) $row->at_ms,
            'backstroke_m' => self::number($row->backstroke_m),
            'roll_m' => self::number($row->roll_m),
            'run_on_m' => self::number($row->run_on_m),
            'stop' => $row->stop,
            'target_m' => self::number($row->target_m),
            'grade_percent' => (float) $row->grade_percent,
            'across_percent' => (float) $row->across_percent,
            'mark' => $row->mark,
            'cause' => $row->cause,
            'seen' => json_decode((string) $row->seen),
            'run_id' => $row->run_id,
            'student' => $row->is_of_group ? $row->student_id : null,
            'outcome' => $row->word,
            'verdict' => $row->verdict,
            'attempt' => (int) $row->attempt,
            'corrections' => (int) $row->corrections,
        ];
    }

    /** Some databases hand out a double as text. */
    private static function number(mixed $value): ?float
    {
        return is_numeric($value) ? (float) $value : null;
    }
}
