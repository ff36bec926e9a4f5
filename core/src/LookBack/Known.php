<?php

declare(strict_types=1);

namespace Amble\Core\LookBack;

/** Keeps what was worked out of one set of balls. */
final class Known
{
    /** @var array<string, mixed> */
    private array $answers = [];

    public function answer(string $what, \Closure $workOut): mixed
    {
        return $this->answers[$what] ??= $workOut();
    }
}
