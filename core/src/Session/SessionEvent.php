<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/**
 * Something that happened in a session: appended, never edited.
 *
 * Ids are made by whoever saw it happen, and order events of the same millisecond, so that every
 * device folds the same log to the same state.
 */
abstract readonly class SessionEvent
{
    /**
     * @param string $id a ULID
     * @param int $atMilliseconds when it happened, Unix time
     */
    public function __construct(public string $id, public int $atMilliseconds)
    {
    }

    /** Negative when this happened before the other. */
    final public function compare(self $other): int
    {
        // Ids as text: as numbers "1e1" and "10" would be the same.
        return $this->atMilliseconds <=> $other->atMilliseconds ?: strcmp($this->id, $other->id);
    }
}
