<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Student;
use Illuminate\Validation\Rule;

/** Erasing a student for good asks for the name once more. */
final class EraseStudentRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $student = $this->route('student');
        assert($student instanceof Student);

        return ['name' => ['required', 'string', Rule::in([$student->name])]];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return ['name.in' => 'Type the name as on the profile. Nothing was deleted.'] + parent::messages();
    }
}
