<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Direction\LineCure;
use Amble\Core\Student\BackstrokeCue;
use Amble\Core\Student\Hand;
use Amble\Core\Student\Level;
use Amble\Core\Units\Unit;
use Illuminate\Validation\Rule;

final class StudentRequest extends WorkspaceRequest
{
    /** Names of fields as a device sends them that kept a new student before the fields were renamed. */
    private const FORMER = ['target_pace_m' => 'finish_past_m', 'pace_length_m' => 'stride_m'];

    protected function prepareForValidation(): void
    {
        foreach (self::FORMER as $former => $name) {
            if ($this->has($former) && !$this->has($name)) {
                $this->merge([$name => $this->input($former)]);
            }
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'ulid'],
            'name' => ['required', 'string', 'max:80'],
            'hand' => ['required', Rule::enum(Hand::class)],
            'level' => ['required', Rule::enum(Level::class)],
            'unit' => ['required', Rule::enum(Unit::class)],
            'stride_m' => ['nullable', 'required_if:unit,paces', 'numeric', 'between:0.3,1.5'],
            'finish_past_m' => ['required', 'numeric', 'between:0,2'],
            'putter' => ['nullable', 'string', 'max:120'],
            'school' => ['required', Rule::enum(BackstrokeCue::class)],
            'tempo_bpm' => ['nullable', 'integer', 'between:30,160'],
            'exception' => ['nullable', 'string', 'max:300'],
            'band_low_m' => ['nullable', 'required_with:band_high_m', 'numeric', 'between:0.1,60'],
            'band_high_m' => ['nullable', 'required_with:band_low_m', 'numeric', 'between:0.1,60', 'gte:band_low_m'],
            'line_cure' => ['nullable', Rule::enum(LineCure::class)],
            'is_gentle' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'stride_m.required_if' => 'To work in steps, enter the length of one.',
            'stride_m.between' => 'A step is between 0.3 m and 1.5 m (1 and 5 ft).',
            'band_low_m.required_with' => 'Give both ends of the lengths to practise.',
            'band_high_m.required_with' => 'Give both ends of the lengths to practise.',
            'band_high_m.gte' => 'The longest length to practise must not be below the shortest.',
            'tempo_bpm.between' => 'A tempo is between 30 and 160 beats a minute.',
            'finish_past_m.between' => 'The finish past the hole is between 0 and 2 m (6 ft 6 in).',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'stride_m' => 'length of a step',
            'finish_past_m' => 'finish past the hole',
            'tempo_bpm' => 'tempo',
            'band_low_m' => 'shortest length to practise',
            'band_high_m' => 'longest length to practise',
        ];
    }
}
