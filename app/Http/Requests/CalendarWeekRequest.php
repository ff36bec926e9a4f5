<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;

/** Some days from one on, by the clock on the coach's wall. */
final class CalendarWeekRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'from' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2019-12-31', 'before:2100-01-01'],
            'days' => ['sometimes', 'integer', 'between:1,31'],
            'zone' => ['required', 'timezone:all'],
        ];
    }

    public function from(): CarbonImmutable
    {
        return CarbonImmutable::parse(
            $this->string('from')->toString(),
            $this->string('zone')->toString(),
        )->startOfDay();
    }

    public function until(): CarbonImmutable
    {
        return $this->from()->addDays($this->integer('days', 7));
    }
}
