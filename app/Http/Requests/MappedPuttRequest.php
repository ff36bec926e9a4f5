<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Roll\PuttWish;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** A putt on a mapped hole: from a place, or as it is wanted. */
final class MappedPuttRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'speed_m' => ['required', 'numeric', 'between:0.5,7'],
            'pace_m' => ['required', 'numeric', 'between:0,3'],
            'x_m' => ['required_without:length_m', 'numeric', 'between:-30,30'],
            'y_m' => ['required_with:x_m', 'numeric', 'between:-30,30'],
            'length_m' => ['required_without:x_m', 'numeric', 'between:0.3,30'],
            'along_percent' => ['nullable', 'numeric', 'between:-20,20'],
            'across_percent' => ['nullable', 'numeric', 'between:-20,20'],
        ];
    }

    public function speed(): GreenSpeed
    {
        return GreenSpeed::ofMetres($this->float('speed_m'), 'speed_m');
    }

    public function wish(): PuttWish
    {
        $grade = fn(string $field): ?Grade => $this->filled($field)
            ? Grade::ofPercent($this->float($field), $field)
            : null;

        return new PuttWish(
            Length::ofMetres($this->float('length_m')),
            $grade('along_percent'),
            $grade('across_percent'),
            $this->filled('x_m') ? [$this->float('x_m'), $this->float('y_m')] : null,
        );
    }
}
