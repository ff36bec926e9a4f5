<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Reading\QuizAnswer;

/** An aim and a pace called for one putt. */
final class QuizAnswerRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'ulid']];
    }

    /** @throws InvalidInput At the field that cannot be used, or for a putt that nobody can read. */
    public function guess(): QuizAnswer
    {
        return QuizAnswer::read(JsonInput::parse($this->getContent())) ??
            throw InvalidInput::at('putt', 'This putt cannot be holed: no ball comes to rest there.');
    }
}
