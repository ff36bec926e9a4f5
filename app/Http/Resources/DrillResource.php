<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Contract\DrillShape;
use Amble\Core\Drill\SetupSheet;
use App\Models\DrillDefinition;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A drill as it is kept, with what the core says of it.
 *
 * @property \stdClass $resource
 */
final class DrillResource extends JsonResource
{
    public function __construct(\stdClass $definition, private readonly ?string $ownId = null)
    {
        parent::__construct($definition);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $card = DrillDefinition::card($this->resource);

        return ['own_id' => $this->ownId, 'drill' => $this->resource, 'kit' => SetupSheet::of($card)->kit()] +
            DrillShape::toArray($card);
    }
}
