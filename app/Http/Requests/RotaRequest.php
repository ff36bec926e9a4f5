<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Over how many stations those who are here walk round. */
final class RotaRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['stations' => ['required', 'integer', 'between:1,24']];
    }
}
