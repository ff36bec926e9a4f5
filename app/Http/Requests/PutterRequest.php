<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Putter;
use App\Models\Student;
use Illuminate\Validation\Rule;

final class PutterRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $putter = $this->route('putter');
        $student = $this->route('student');
        $studentId =
            $putter instanceof Putter ? $putter->student_id : ($student instanceof Student ? $student->id : null);

        return [
            'id' => ['sometimes', 'ulid'],
            'name' => [
                'required',
                'string',
                'max:120',
                Rule::unique('putters')
                    ->where('student_id', $studentId)
                    ->ignore(
                        $putter instanceof Putter
                            ? $putter->id
                            : (is_string($this->input('id'))
                                ? $this->input('id')
                                : null),
                    ),
            ],
            'length_m' => ['nullable', 'numeric', 'between:0.5,1.5'],
            'lie_deg' => ['nullable', 'numeric', 'between:50,90'],
            'loft_deg' => ['nullable', 'numeric', 'between:-5,10'],
            'head_g' => ['nullable', 'numeric', 'between:200,600'],
            'sole' => ['nullable', Rule::in(Putter::SOLES)],
            'mark' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'name.unique' => 'This student already has a putter of that name.',
            'length_m.between' => 'A putter is between 0.5 m and 1.5 m (20 and 59 in) long.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'length_m' => 'length',
            'lie_deg' => 'lie angle',
            'loft_deg' => 'loft',
            'head_g' => 'head weight',
            'mark' => 'mark to aim with',
        ];
    }
}
