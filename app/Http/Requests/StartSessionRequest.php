<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\DeviceTime;
use App\Models\Green;
use App\Models\Student;

final class StartSessionRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            // For a day to come: it waits until it is started.
            'is_planned' => ['sometimes', 'boolean'],
            'minutes' => ['sometimes', 'nullable', 'integer', 'between:1,480'],
            'started_at_ms' => DeviceTime::RULES,
            'student_id' => ['nullable', 'string', $this->inWorkspace(Student::class)->whereNull('deleted_at')],
            'green_id' => ['nullable', 'string', $this->inWorkspace(Green::class)->whereNull('deleted_at')],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['student_id' => 'student', 'green_id' => 'green'];
    }
}
