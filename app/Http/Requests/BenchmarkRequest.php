<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Rounds\BenchmarkFigure;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;

/** A figure to hold rounds beside, and where it comes from. */
final class BenchmarkRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $given = $this->input('figure');
        $figure = is_string($given) ? BenchmarkFigure::tryFrom($given) : null;

        return [
            'id' => ['sometimes', 'ulid'],
            'figure' => ['required', Rule::enum(BenchmarkFigure::class)],
            'length_m' => [Rule::requiredIf($figure?->isOfLength() === true), 'nullable', 'numeric', 'between:0.1,60'],
            'value' => ['required', 'numeric', $figure?->isOfLength() === true ? 'between:0,1' : 'between:0,90'],
            'source' => ['required', 'string', 'max:200'],
            'sample' => ['nullable', 'integer', 'between:1,100000000'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return Arr::except($this->validated(), 'id');
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'source.required' => 'Enter the source of the figure.',
            'length_m.required' => 'Enter the length.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['length_m' => 'length', 'sample' => 'number of putts'];
    }
}
