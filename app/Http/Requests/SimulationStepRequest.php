<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What comes next in a walk along, after what was only looked at. */
final class SimulationStepRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['drill' => ['nullable', 'string', 'max:60'], 'seen' => ['nullable', 'string', 'max:200']];
    }

    /** Key of the drill to be tried; null for the usual one. */
    public function drill(): ?string
    {
        return $this->filled('drill') ? $this->string('drill')->toString() : null;
    }

    /** @return list<string> keys of steps */
    public function seen(): array
    {
        return $this->filled('seen') ? explode(',', $this->string('seen')->toString()) : [];
    }
}
