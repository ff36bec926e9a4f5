<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Drill\Level\DrillLengths;
use Amble\Core\Drill\Level\ShortenedDrill;
use App\Models\DrillDefinition;
use App\Reports\DrillLibrary;

/** A drill, with the lengths to lay into it and the room a plan has for it: any of them may be left out. */
final class DrillLengthsRequest extends WorkspaceRequest
{
    use ReadsLengths;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = self::rulesOfLengths();

        return array_replace($rules, [
            'lengths_m' => array_map(
                static fn(mixed $rule): mixed => $rule === 'required' ? 'sometimes' : $rule,
                $rules['lengths_m'],
            ),
        ]) + [
            'balls' => ['nullable', 'integer', 'between:1,500'],
            'minutes' => ['nullable', 'integer', 'between:1,240'],
        ];
    }

    /** Give the drill at those lengths, checked again. */
    public function laid(DrillLibrary $library): \stdClass
    {
        $drill = DrillDefinition::asArray($library->readOne($this->getContent()));
        $lengths = $this->has('lengths_m') ? $this->lengths() : [];
        $laid = $lengths === [] ? $drill : DrillLengths::laidInto($drill, $lengths);
        $room = static fn(mixed $said): ?int => is_int($said) ? $said : null;

        return $library->readOne(
            json_encode(
                [
                    'drill' => ShortenedDrill::within(
                        $laid,
                        $room($this->validated('balls')),
                        $room($this->validated('minutes')),
                    ),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }
}
