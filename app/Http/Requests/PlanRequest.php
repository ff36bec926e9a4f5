<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Drill\Equipment\EquipmentType;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Plan\Block;
use Amble\Core\Plan\Plan;
use Illuminate\Validation\Rule;

/** What is at hand, and what of a plan the coach has set. */
final class PlanRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'minutes' => ['required', 'integer', 'between:1,480'],
            'has_hole' => ['sometimes', 'boolean'],
            'bag' => ['sometimes', 'nullable', 'array', 'list', 'max:30'],
            'bag.*' => [Rule::enum(EquipmentType::class)],
            'blocks' => ['sometimes', 'array', 'list', 'max:30'],
            'without' => ['sometimes', 'array', 'list', 'max:60'],
            'without.*' => ['string', 'max:60'],
        ];
    }

    /** @return array{minutes: int, has_hole: bool, bag: list<EquipmentType>|null} */
    public function said(): array
    {
        return [
            'minutes' => $this->integer('minutes'),
            'has_hole' => $this->boolean('has_hole', true),
            'bag' => is_array($this->validated('bag'))
                ? array_values(
                    array_filter(
                        array_map(
                            static fn(mixed $piece): ?EquipmentType => is_string($piece)
                                ? EquipmentType::tryFrom($piece)
                                : null,
                            $this->array('bag'),
                        ),
                    ),
                )
                : null,
        ];
    }

    /**
     * @return list<Block>
     *
     * @throws InvalidInput At the field of a block that cannot be used.
     */
    public function blocks(): array
    {
        return Plan::read(JsonInput::parse($this->getContent()))->blocks;
    }

    /** @return list<string> kinds and drills that were dropped */
    public function without(): array
    {
        return array_values(array_filter($this->array('without'), is_string(...)));
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['bag.*' => 'piece of equipment'];
    }
}
