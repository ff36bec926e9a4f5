<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A walk along, under the client's id. */
final class SimulationRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'ulid']];
    }
}
