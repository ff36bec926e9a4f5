<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** Somebody on a session, besides or including whoever it was begun for. This class is immutable. */
final readonly class GroupMember
{
    public function __construct(public string $student, public Presence $standing) {}
}
