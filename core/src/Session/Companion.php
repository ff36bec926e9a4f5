<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** Somebody on a session, besides or including whoever it was begun for. This class is immutable. */
final readonly class Companion
{
    public function __construct(public string $student, public Standing $standing)
    {
    }
}
