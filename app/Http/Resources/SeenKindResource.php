<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Session\Seen\SeenKind;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One thing that can be seen of a ball.
 *
 * @property SeenKind $resource
 */
final class SeenKindResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $answers = $this->resource->answers;

        return [
            'name' => $this->resource->name,
            'question' => $this->resource->question,
            'kind' => $answers->kind->value,
            'answers' => array_map(
                static fn(string $value, string $label): array => ['value' => $value, 'label' => $label],
                array_keys($answers->words),
                array_values($answers->words),
            ),
            'unit' => $answers->unit,
            'least' => $answers->unit === null ? null : $answers->least,
            'most' => $answers->unit === null ? null : $answers->most,
            'feeds' => $this->resource->feeds->value,
            'of_any_ball' => $this->resource->isOfAnyBall,
            'key' => $this->resource->key,
        ];
    }
}
