<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** Something sent whole, as the screen has it; the core reads it and names the field of what it refuses. */
final class JsonRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws InvalidInput If it is no JSON object. */
    public function jsonInput(): JsonInput
    {
        return JsonInput::parse($this->getContent());
    }
}
