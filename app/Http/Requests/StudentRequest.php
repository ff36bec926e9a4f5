<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

final class StudentRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'hand' => ['required', Rule::in(['right', 'left'])],
            'level' => ['required', Rule::in(['new', 'club', 'able', 'tournament'])],
            'unit' => ['required', Rule::in(['feet', 'metres', 'paces'])],
            'pace_length_m' => ['nullable', 'required_if:unit,paces', 'numeric', 'between:0.3,1.5'],
            'target_pace_m' => ['required', 'numeric', 'between:0,2'],
            'putter' => ['nullable', 'string', 'max:120'],
            'school' => ['required', Rule::in(['rule', 'foot', 'eye'])],
            'tempo_bpm' => ['nullable', 'integer', 'between:30,160'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pace_length_m.required_if' => 'To work in paces, give the length of one.',
            'pace_length_m.between' => 'A pace is between 0.3 m and 1.5 m (1 and 5 ft).',
            'tempo_bpm.between' => 'A tempo is between 30 and 160 beats a minute.',
            'target_pace_m.between' => 'The pace past the hole is between 0 and 2 m (6 ft 6 in).',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['pace_length_m' => 'pace length', 'target_pace_m' => 'pace past the hole', 'tempo_bpm' => 'tempo'];
    }
}
