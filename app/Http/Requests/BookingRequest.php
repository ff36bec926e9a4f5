<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Green;
use App\Models\Student;
use Illuminate\Validation\Rule;

/** Who comes when and where; without a time it waits for one. */
final class BookingRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'ulid'],
            'student_id' => ['nullable', 'required_without:title', 'string', $this->inWorkspace(Student::class)],
            'title' => ['nullable', 'string', 'max:120'],
            'green_id' => ['nullable', 'string', $this->inWorkspace(Green::class)],
            'starts' => [
                'bail',
                'nullable',
                'string',
                'date_format:Y-m-d H:i',
                'after:2019-12-31',
                'before:2100-01-01',
            ],
            'zone' => ['required', 'timezone:all'],
            'minutes' => ['required', 'integer', 'between:1,480'],
            'travel_minutes' => ['sometimes', 'integer', 'between:0,240'],
            'every' => ['nullable', Rule::in(['week', 'fortnight'])],
            'times' => ['nullable', 'required_with:every', 'integer', 'between:2,104'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $every = $this->validated('every');
        $fields = array_diff_key($this->validated(), array_flip(['id', 'every', 'times']));

        return $fields + [
            'rule' =>
                $every === null
                    ? null
                    : sprintf(
                        'FREQ=WEEKLY;%sCOUNT=%d',
                        $every === 'fortnight' ? 'INTERVAL=2;' : '',
                        $this->integer('times'),
                    ),
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'student_id.required_without' => 'Choose a student, or enter a title.',
            'starts.date_format' => 'The time must be a day and a time: 2026-12-03 10:00.',
            'before' => 'The :attribute is too far off.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'student_id' => 'student',
            'green_id' => 'place',
            'starts' => 'time',
            'travel_minutes' => 'way',
            'times' => 'number of times',
            'zone' => 'time zone',
        ];
    }
}
