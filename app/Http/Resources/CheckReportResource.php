<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Check\CheckReport;
use Amble\Core\Check\PictureMark;
use Amble\Core\Report\Finding;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What one check found.
 *
 * @property CheckReport $resource
 */
final class CheckReportResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $look = $this->resource;
        $first = $look->findings[0] ?? null;

        return [
            'key' => $look->kind->key,
            'question' => $look->kind->question,
            'picture' => $look->kind->picture->value,
            'sides' => $look->kind->fields[0]->sides ?? null,
            'unit' => $first?->unit->value,
            'session_id' => $look->session,
            'at_ms' => $look->atMilliseconds,
            'n' => $look->n,
            'dose' => $look->kind->dose,
            'is_past_dose' => $look->isPastDose,
            'findings' => array_map(
                static fn(Finding $finding): array => MeasureReportResource::finding($look->kind->key, $finding),
                $look->findings,
            ),
            'since' => $look->since,
            'cue' => $look->cue,
            'marks' => array_map(
                static fn(PictureMark $mark): array => [
                    'id' => $mark->id,
                    'value' => $mark->value,
                    'to' => $mark->to,
                    'length_m' => $mark->length,
                    'word' => $mark->word,
                ],
                $look->marks,
            ),
            'points' => array_map(MeasureReportResource::coursePoint(...), $look->course),
        ];
    }
}
