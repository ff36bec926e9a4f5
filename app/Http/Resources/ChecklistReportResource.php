<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Card\ChecklistPoint;
use Amble\Core\Card\ChecklistReport;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A card as a student was last looked at by it.
 *
 * @property ChecklistReport $resource
 */
final class ChecklistReportResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $look = $this->resource;

        return [
            'key' => $look->card->key,
            'kind' => $look->card->kind->value,
            'title' => $look->card->title,
            'points' => array_map(
                static fn(ChecklistPoint $point): array => [
                    'key' => $point->key,
                    'text' => $point->text,
                    'times' => $point->times,
                    'sight' => $look->last($point->key)?->sight->value,
                    'word' => $look->last($point->key)?->word,
                    'session_id' => $look->last($point->key)?->session,
                    'at_ms' => $look->last($point->key)?->atMilliseconds,
                    'before' => $look->before($point->key)?->value,
                ],
                $look->card->points,
            ),
        ];
    }
}
