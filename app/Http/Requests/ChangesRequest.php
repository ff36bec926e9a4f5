<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Student;

/** Changes of a workspace, or of what is about one student. */
final class ChangesRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['student' => ['sometimes', 'string', $this->inWorkspace(Student::class)]];
    }
}
