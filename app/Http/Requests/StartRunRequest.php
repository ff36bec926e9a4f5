<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Practice\DrillLibrary;

/** A drill to start in a session, under the client's id. */
final class StartRunRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'ulid'], 'seed' => ['nullable', 'integer', 'between:0,2147483647']];
    }

    /** @return array{id: string, seed: int, definition: string} */
    public function columns(): array
    {
        $seed = $this->validated('seed');

        return [
            'id' => $this->string('id')->toString(),
            // Without one, the id's own digits: the same run is the same on every device.
            'seed' => is_numeric($seed) ? (int) $seed : crc32($this->string('id')->toString()) & 0x7FFFFFFF,
            'definition' => DrillRequest::columnsOf(app(DrillLibrary::class)->readOne($this->getContent()))['definition'],
        ];
    }
}
