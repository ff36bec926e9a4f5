<?php

declare(strict_types=1);

namespace Amble\Core\Review;

/** Keeps what was worked out of one set of balls. */
final class Memo
{
    /** @var array<string, mixed> */
    private array $answers = [];

    public function answer(string $what, \Closure $workOut): mixed
    {
        if (!array_key_exists($what, $this->answers)) {
            $this->answers[$what] = $workOut();
        }

        return $this->answers[$what];
    }
}
