<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Session\CheckAttempt;

/** One try at a check with the session it belongs to and the green it was made on. This class is immutable. */
final readonly class MadeAttempt
{
    /** @param GreenSpeed|null $speed of its green on its day; null where that was not measured or estimated */
    public function __construct(public CheckAttempt $try, public string $session, public ?GreenSpeed $speed = null) {}

    public function number(string $field): ?float
    {
        $answer = $this->try->answers[$field] ?? null;

        return is_int($answer) || is_float($answer) ? (float) $answer : null;
    }

    public function word(string $field): ?string
    {
        $answer = $this->try->answers[$field] ?? null;

        return is_string($answer) ? $answer : null;
    }
}
