<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Arr;

/** Which sessions are looked for. */
final class SessionHistoryRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'student_id' => ['sometimes', 'ulid'],
            'green_id' => ['sometimes', 'ulid'],
            'before' => ['bail', 'sometimes', 'string', 'date'],
        ];
    }

    /** @return array{student_id?: string, green_id?: string, before?: string} */
    public function wanted(): array
    {
        return array_filter(Arr::only($this->validated(), ['student_id', 'green_id', 'before']), is_string(...));
    }
}
