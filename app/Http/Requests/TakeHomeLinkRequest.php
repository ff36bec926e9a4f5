<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;

/** A private link to a take-home card, for so many days. */
final class TakeHomeLinkRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['days' => ['required', 'integer', 'between:1,90']];
    }

    public function until(): CarbonImmutable
    {
        return CarbonImmutable::now()->addDays($this->integer('days'));
    }
}
