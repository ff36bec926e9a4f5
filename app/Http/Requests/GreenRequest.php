<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Green\Surface;
use Illuminate\Validation\Rule;

final class GreenRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'ulid'],
            'name' => ['required', 'string', 'max:80'],
            'surface' => ['required', Rule::enum(Surface::class)],
        ];
    }
}
