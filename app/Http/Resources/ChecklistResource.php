<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Card\BuiltInChecklists;
use Amble\Core\Card\Checklist;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A list of points that are looked at, or done in order.
 *
 * @property Checklist $resource
 */
final class ChecklistResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $card = $this->resource;
        $shipped = BuiltInChecklists::all()[$card->key] ?? null;

        return [
            'key' => $card->key,
            'is_shipped' => $shipped !== null,
            'is_own' => $shipped === null || $shipped->toArray() !== $card->toArray(),
            ...$card->toArray(),
        ];
    }
}
