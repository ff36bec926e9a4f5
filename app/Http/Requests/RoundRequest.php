<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Rounds\Hole;
use Amble\Core\Rounds\MissSide;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;

/** A round as it was putted, hole by hole; what nobody noted is left out. */
final class RoundRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'ulid'],
            'played_on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'before_or_equal:tomorrow'],
            'place' => ['nullable', 'string', 'max:80'],
            'is_from_memory' => ['required', 'boolean'],
            'holes' => ['required', 'array', 'list', 'min:1', 'max:36'],
            'holes.*' => ['array:first_m,putts,leave_m,side,is_extreme'],
            'holes.*.first_m' => ['nullable', 'numeric', 'between:0.05,60'],
            'holes.*.putts' => ['nullable', 'integer', 'between:0,' . Hole::MOST_PUTTS],
            'holes.*.leave_m' => ['nullable', 'numeric', 'between:0.01,60'],
            'holes.*.side' => ['nullable', Rule::enum(MissSide::class)],
            'holes.*.is_extreme' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $valid = Arr::except($this->validated(), 'id');

        return [
            'holes' => array_map(
                static fn(mixed $hole): array => array_filter(
                    (array) $hole,
                    static fn(mixed $value): bool => $value !== null,
                ),
                (array) $valid['holes'],
            ),
        ] + $valid;
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'holes.required' => 'Enter at least one hole.',
            'holes.min' => 'Enter at least one hole.',
            'played_on.date_format' => 'The day must be a date, like 2026-11-26.',
            'played_on.before_or_equal' => 'The date of a round cannot be in the future.',
            'holes.*.first_m.between' => 'A first putt is between 5 cm and 60 m (2 in and 197 ft).',
            'holes.*.putts.between' => 'Putts on a hole are between 0 and ' . Hole::MOST_PUTTS . '.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'played_on' => 'day',
            'holes.*.first_m' => 'first putt',
            'holes.*.putts' => 'putts',
            'holes.*.leave_m' => 'leave',
            'holes.*.side' => 'side of the miss',
        ];
    }
}
