<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What a student's take-home card says. */
final class TakeHomeCardRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'speed_1_m' => ['nullable', 'numeric', 'between:0.6,6.1'],
            'speed_2_m' => ['nullable', 'numeric', 'between:0.6,6.1'],
            'work_on' => ['nullable', 'string', 'max:300'],
            'home_task' => ['nullable', 'string', 'max:300'],
            ...self::taskRules(''),
            'next_on' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /**
     * What a homework may say besides its words.
     *
     * @param string $at before each field
     *
     * @return array<string, list<mixed>>
     */
    public static function taskRules(string $at): array
    {
        return [
            "{$at}home_balls" => ['nullable', 'integer', 'between:1,300', "required_with:{$at}home_target"],
            "{$at}home_drill" => ['nullable', 'string', 'max:80'],
            "{$at}home_cue" => ['nullable', 'string', 'max:300'],
            "{$at}home_target" => ['nullable', 'integer', 'min:1', "lte:{$at}home_balls"],
            "{$at}home_days" => ['nullable', 'integer', 'between:1,7'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'speed_1_m.between' => 'A green speed is between 2 and 20 ft.',
            'speed_2_m.between' => 'A green speed is between 2 and 20 ft.',
            'home_target.lte' => 'The target cannot be more than the balls of a day.',
            'home_balls.required_with' => 'A target needs the number of balls.',
            'next_on.date_format' => 'The next lesson must be a date, like 2026-12-03.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'speed_1_m' => 'first green speed',
            'speed_2_m' => 'second green speed',
            'work_on' => 'thing to work on',
            'home_task' => 'homework',
            'home_balls' => 'number of balls',
            'home_drill' => 'drill',
            'home_cue' => 'cue',
            'home_target' => 'target',
            'home_days' => 'days a week',
            'next_on' => 'next lesson',
        ];
    }
}
