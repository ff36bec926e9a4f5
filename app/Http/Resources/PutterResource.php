<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Putter;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Putter $resource */
final class PutterResource extends JsonResource
{
    public function __construct(Putter $putter, private readonly bool $isInUse)
    {
        parent::__construct($putter);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $putter = $this->resource;

        return [
            'id' => $putter->id,
            'name' => $putter->name,
            'length_m' => $putter->length_m,
            'lie_deg' => $putter->lie_deg,
            'loft_deg' => $putter->loft_deg,
            'head_g' => $putter->head_g,
            'sole' => $putter->sole,
            'mark' => $putter->mark,
            'is_in_use' => $this->isInUse,
        ];
    }
}
