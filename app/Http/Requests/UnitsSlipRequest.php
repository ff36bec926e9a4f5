<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A length that was said, and the paces counted to it. */
final class UnitsSlipRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'length_m' => ['required', 'numeric', 'between:0.1,60'],
            'paces' => ['required', 'numeric', 'between:0.1,200'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['length_m' => 'length'];
    }
}
