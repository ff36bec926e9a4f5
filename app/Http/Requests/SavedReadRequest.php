<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Reading\PuttSituation;

/** A read to keep at a green: its name, and the putt as it was said. */
final class SavedReadRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'ulid'],
            'name' => ['required', 'string', 'max:80'],
            'putt' => ['required', 'array'],
        ];
    }

    /**
     * Only a putt that can be read is kept, and only what the core reads of it.
     *
     * @return array{name: string, putt: array<string, mixed>}
     *
     * @throws InvalidInput At the field of the putt that cannot be used.
     */
    public function columns(): array
    {
        return [
            'name' => $this->string('name')->toString(),
            'putt' => PuttSituation::read(JsonInput::parse($this->getContent())->object('putt'))->said(),
        ];
    }
}
