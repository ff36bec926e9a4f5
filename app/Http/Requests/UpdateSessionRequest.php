<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Session\Condition;
use App\Models\Green;
use App\Models\Student;
use Illuminate\Validation\Rule;

/** Any part of a session's card; what is not sent stays as it is. */
final class UpdateSessionRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $own = fn(string $model): \Illuminate\Validation\Rules\Exists => Rule::exists($model, 'id')
            ->where('coach_id', $this->coach()->id);

        return [
            'student_id' => ['sometimes', 'nullable', 'string', $own(Student::class)],
            'green_id' => ['sometimes', 'nullable', 'string', $own(Green::class)],
            'minutes' => ['sometimes', 'nullable', 'integer', 'between:1,480'],
            'purpose' => ['sometimes', 'nullable', 'string', 'max:200'],
            'conditions' => ['sometimes', 'array', 'max:20'],
            'conditions.*' => ['distinct', Rule::enum(Condition::class)],
            'stations' => ['sometimes', 'array', 'max:24'],
            'stations.*.length_m' => ['required', 'numeric', 'between:0.1,60'],
            'stations.*.said' => ['required', 'string', 'max:40'],
            'stations.*.grade_percent' => ['nullable', 'numeric', 'between:-15,15'],
            'set_aside' => ['sometimes', 'array', 'max:50'],
            'set_aside.*' => ['string', 'max:60'],
            'note_for_student' => ['sometimes', 'nullable', 'string', 'max:4000'],
            'note_for_next' => ['sometimes', 'nullable', 'string', 'max:4000'],
            'ended' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'stations.*.length_m.between' => 'A station is between 0.1 m (4 in) and 60 m (196 ft) from the target.',
            'stations.*.grade_percent.between' => 'A slope is between 15 % downhill (−15) and 15 % uphill.',
            'minutes.between' => 'A session is between :min and :max minutes.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'student_id' => 'student',
            'green_id' => 'green',
            'stations.*.length_m' => 'station length',
            'stations.*.grade_percent' => 'slope',
            'note_for_student' => 'note for the student',
            'note_for_next' => 'note for next time',
        ];
    }
}
