<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Units\Unit;
use Illuminate\Validation\Rule;

final class SettingsRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'unit' => ['required', Rule::enum(Unit::class)],
            'stride_m' => ['nullable', 'required_if:unit,paces', 'numeric', 'between:0.3,1.5'],
            'three_putt_inside_m' => ['sometimes', 'nullable', 'numeric', 'between:0.3,30'],
            'trend_sessions' => ['sometimes', 'integer', 'between:2,12'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'stride_m.required_if' => 'To work in steps, measure your step first.',
            'stride_m.between' => 'A step is between 0.3 m and 1.5 m (1 and 5 ft).',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'stride_m' => 'length of your step',
            'trend_sessions' => 'sessions for a trend',
            'three_putt_inside_m' => 'length for flagged three-putts',
        ];
    }
}
