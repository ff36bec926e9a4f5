<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;

/**
 * Something that happened in a session: appended, never edited. One file a kind; listed in EventKinds.
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
    public function __construct(public string $id, public int $atMilliseconds) {}

    /** What a line of the log says it is. */
    abstract public static function type(): string;

    /** The form its content has now; what was stored in an earlier one is brought up when it is read. */
    abstract public static function version(): int;

    /**
     * @param int $version in which it was written, at most the present one
     *
     * @throws InvalidInput If a field is missing or unusable.
     */
    abstract public static function read(JsonInput $event, string $id, int $at, int $version): self;

    /** Lay it over what happened before it. */
    abstract public function apply(SessionFold $fold): void;

    /** The earlier event it takes back; null for every kind but an undo. */
    public function takesBack(): ?string
    {
        return null;
    }

    /** Negative when this happened before the other. */
    final public function compare(self $other): int
    {
        // Ids as text: as numbers "1e1" and "10" would be the same.
        return $this->atMilliseconds <=> $other->atMilliseconds ?: strcmp($this->id, $other->id);
    }
}
