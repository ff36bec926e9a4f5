<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

/** Which ten putts to guess at. */
final class ReadingQuizRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'from' => ['sometimes', 'string', Rule::in(['level', 'history', 'feared', 'left', 'right'])],
            'order' => ['sometimes', 'string', Rule::in(['blocked', 'shuffled'])],
            'turn' => ['sometimes', 'integer', 'between:0,1000000000'],
        ];
    }

    public function isBlocked(): bool
    {
        return $this->string('order')->toString() === 'blocked';
    }

    public function isOwn(): bool
    {
        return $this->string('from')->toString() === 'history';
    }

    public function isFeared(): bool
    {
        return $this->string('from')->toString() === 'feared';
    }

    /** The side all of them curve to; null for either. */
    public function curving(): ?string
    {
        $from = $this->string('from')->toString();

        return $from === 'left' || $from === 'right' ? $from : null;
    }

    /** The same turn brings the same ten. */
    public function seed(): int
    {
        return $this->integer('turn');
    }
}
