<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Green\Grass;
use Amble\Core\Green\Surface;
use Illuminate\Validation\Rule;

final class GreenRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'ulid'],
            'name' => ['required', 'string', 'max:80'],
            'surface' => ['required', Rule::enum(Surface::class)],
            // A mat has none.
            'grass' => ['nullable', Rule::enum(Grass::class), 'prohibited_if:surface,mat'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return ['grass.prohibited_if' => 'A mat has no grass.'] + parent::messages();
    }
}
