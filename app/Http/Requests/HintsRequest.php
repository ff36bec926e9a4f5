<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Green;
use App\Models\Student;

/** Where, and for whom, a putt is about to be read. */
final class HintsRequest extends WorkspaceRequest
{
    use ForStudent;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'green' => ['nullable', 'string', $this->inWorkspace(Green::class)],
            'student' => ['nullable', 'string', $this->inWorkspace(Student::class)],
        ];
    }

    public function green(): ?Green
    {
        return $this->filled('green') ? Green::query()->find($this->string('green')->toString()) : null;
    }
}
