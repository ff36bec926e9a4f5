<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Green;
use App\Models\Student;
use App\Practice\DeviceTime;

/** Any part of a session's card that is no event; what is not sent stays as it is. */
final class UpdateSessionRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'student_id' => ['sometimes', 'nullable', 'string', $this->onBench(Student::class)],
            'green_id' => ['sometimes', 'nullable', 'string', $this->onBench(Green::class)],
            'minutes' => ['sometimes', 'nullable', 'integer', 'between:1,480'],
            'purpose' => ['sometimes', 'nullable', 'string', 'max:200'],
            // Events since: an app of an older version is told, not silently ignored.
            'conditions' => ['missing'],
            'stations' => ['missing'],
            'set_aside' => ['missing'],
            'note_for_student' => ['sometimes', 'nullable', 'string', 'max:4000'],
            'note_for_next' => ['sometimes', 'nullable', 'string', 'max:4000'],
            'ended' => ['sometimes', 'boolean'],
            'ended_at_ms' => DeviceTime::RULES,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'missing' => 'This app is older than the server. Load it again; what was entered is kept.',
            'minutes.between' => 'A session is between :min and :max minutes.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'student_id' => 'student',
            'green_id' => 'green',
            'note_for_student' => 'note for the student',
            'note_for_next' => 'note for next time',
        ];
    }
}
