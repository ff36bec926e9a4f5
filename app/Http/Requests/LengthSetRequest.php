<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A set of lengths to keep: as metres, and as it was said. */
final class LengthSetRequest extends WorkspaceRequest
{
    use ReadsLengths;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'name' => ['required', 'string', 'max:60'],
            'said' => ['required', 'string', 'max:200'],
        ] + self::rulesOfLengths();
    }

    /** @return array{id: string, name: string, said: string, lengths_m: list<float>} */
    public function columns(): array
    {
        return [
            'id' => $this->string('id')->toString(),
            'name' => $this->string('name')->toString(),
            'said' => $this->string('said')->toString(),
            'lengths_m' => $this->lengths(),
        ];
    }
}
