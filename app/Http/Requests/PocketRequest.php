<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What a student's pocket card says. */
final class PocketRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'speed_1_m' => ['nullable', 'numeric', 'between:0.6,6.1'],
            'speed_2_m' => ['nullable', 'numeric', 'between:0.6,6.1'],
            'work_on' => ['nullable', 'string', 'max:300'],
            'home_task' => ['nullable', 'string', 'max:300'],
            'home_balls' => ['nullable', 'integer', 'between:1,300'],
            'next_on' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'speed_1_m.between' => 'A green speed is between 2 and 20 ft.',
            'speed_2_m.between' => 'A green speed is between 2 and 20 ft.',
            'next_on.date_format' => 'The next date must be a date, like 2026-12-03.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['speed_1_m' => 'first green speed', 'speed_2_m' => 'second green speed', 'work_on' => 'thing to work on', 'home_task' => 'task at home', 'home_balls' => 'count of balls', 'next_on' => 'next date'];
    }
}
