<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class StrokeReportRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['speed_m' => ['nullable', 'numeric', 'between:0.6,6.1']];
    }

    /** Give the other green speed asked for, metres; null for the green's own. */
    public function speedMetres(): ?float
    {
        $speed = $this->validated('speed_m');

        return is_numeric($speed) ? (float) $speed : null;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['speed_m' => 'green speed'];
    }
}
