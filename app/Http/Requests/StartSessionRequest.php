<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Green;
use App\Models\Student;
use Illuminate\Validation\Rule;

final class StartSessionRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'student_id' => ['nullable', 'string', Rule::exists(Student::class, 'id')->where('coach_id', $this->coach()->id)->whereNull('deleted_at')],
            'green_id' => ['nullable', 'string', Rule::exists(Green::class, 'id')->where('coach_id', $this->coach()->id)->whereNull('deleted_at')],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['student_id' => 'student', 'green_id' => 'green'];
    }
}
