<?php

declare(strict_types=1);

namespace App\Actions;

/** What appending events changed of a session. Immutable. */
final readonly class AppendedEvents
{
    /**
     * @param int $version of the session's log afterwards
     * @param int|null $since version on which the changes rest; null where the whole session must be told
     */
    public function __construct(public ProjectedSession $projected, public int $version, public ?int $since) {}
}
