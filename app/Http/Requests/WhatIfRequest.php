<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Units\Length;

/** A look back as if the green ran at another speed, or for a length that no row tells. */
final class WhatIfRequest extends StrokeReportRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'speed_m' => ['sometimes', 'numeric', 'between:0.6,6.1'],
            'length_m' => ['required_without:speed_m', 'numeric', 'between:0.1,60'],
        ];
    }

    /** The speed asked for; null for the one that stands. */
    public function speed(): ?GreenSpeed
    {
        return $this->has('speed_m') ? GreenSpeed::ofMetres($this->float('speed_m'), 'speed_m') : null;
    }

    /** A length to be told besides the usual ones; null for none. */
    public function length(): ?Length
    {
        return $this->has('length_m') ? Length::ofMetres($this->float('length_m'), 'length_m') : null;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['speed_m' => 'green speed', 'length_m' => 'length'];
    }
}
