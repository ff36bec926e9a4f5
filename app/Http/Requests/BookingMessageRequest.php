<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;

/** A letter about a booking: of its own time, or offering one to somebody who waits. */
final class BookingMessageRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['offered' => ['bail', 'nullable', 'string', 'date_format:Y-m-d H:i']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return ['offered.date_format' => 'Give the time that is offered, like 2026-12-03 10:00.'] + parent::messages();
    }

    /** By the clock of the booking. */
    public function offered(string $zone): ?CarbonImmutable
    {
        return $this->filled('offered') ? CarbonImmutable::parse($this->string('offered')->toString(), $zone) : null;
    }
}
