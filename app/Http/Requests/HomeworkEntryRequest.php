<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Homework\HomeworkEntry;
use Amble\Core\Json\JsonInput;
use Illuminate\Foundation\Http\FormRequest;

/** Something noted at home: by whoever holds a link, or a coach who answers. */
final class HomeworkEntryRequest extends FormRequest
{
    /** Who may is decided by the link, or by policy on the route. */
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'ulid']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['id.required' => 'The id is missing.', 'id.ulid' => 'This is not an id.'];
    }

    /** @throws InvalidInput At the field that cannot be used. */
    public function entry(): HomeworkEntry
    {
        return HomeworkEntry::read(JsonInput::parse($this->getContent()));
    }

    public function entryId(): string
    {
        return $this->string('id')->toString();
    }
}
