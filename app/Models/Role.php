<?php

declare(strict_types=1);

namespace App\Models;

/** What a member may do in a workspace. */
enum Role: string
{
    case Owner = 'owner';
    case Coach = 'coach';

    /** Looks, and changes nothing. */
    case Observer = 'observer';

    public function mayChange(): bool
    {
        return $this !== self::Observer;
    }
}
