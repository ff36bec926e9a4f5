<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A calendar from elsewhere, and the zone of the coach's own clock. */
final class CalendarRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:1000000'], 'zone' => ['required', 'timezone:all']];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['text' => 'calendar', 'zone' => 'time zone'];
    }
}
