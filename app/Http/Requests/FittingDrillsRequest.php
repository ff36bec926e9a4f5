<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Drill\AvailableEquipment;
use Amble\Core\Drill\Equipment\EquipmentType;
use Amble\Core\Drill\Purpose;
use Illuminate\Validation\Rule;

/** What is at hand today; what is not sent is anything. */
final class FittingDrillsRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'trained' => ['nullable', 'string', 'max:80'],
            'minutes' => ['nullable', 'integer', 'between:1,480'],
            'place' => ['nullable', Rule::in(['green', 'mat'])],
            'hole' => ['nullable', Rule::in(['yes', 'no'])],
            'people' => ['nullable', Rule::in(['alone', 'group'])],
            'bag' => ['nullable', 'string', 'max:200'],
            'purpose' => ['nullable', Rule::enum(Purpose::class)],
        ];
    }

    public function atHand(): AvailableEquipment
    {
        $text = fn(string $field): ?string => $this->filled($field) ? $this->string($field)->toString() : null;
        $hole = $text('hole');

        return new AvailableEquipment(
            $text('trained'),
            $this->filled('minutes') ? $this->integer('minutes') : null,
            $text('place'),
            $hole === null ? null : $hole === 'yes',
            $text('people') === 'group',
            // A bag may hold nothing: then it is there and empty.
            $this->has('bag')
                ? array_values(
                    array_filter(array_map(EquipmentType::tryFrom(...), explode(',', (string) $text('bag')))),
                )
                : null,
            Purpose::tryFrom((string) $text('purpose')),
        );
    }
}
