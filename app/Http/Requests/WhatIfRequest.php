<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Green\GreenSpeed;

/** A look back as if the green ran at another speed. */
final class WhatIfRequest extends StrokeReportRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['speed_m' => ['required', 'numeric', 'between:0.6,6.1']];
    }

    public function speed(): GreenSpeed
    {
        return GreenSpeed::ofMetres($this->float('speed_m'), 'speed_m');
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['speed_m' => 'green speed'];
    }
}
