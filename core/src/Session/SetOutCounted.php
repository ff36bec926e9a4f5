<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** A check was ticked, or so many pieces of kit went out or came back. The latest count stands. */
final readonly class SetOutCounted extends SessionEvent
{
    /** @param non-negative-int $count */
    public function __construct(
        string $id,
        int $atMilliseconds,
        public string $runId,
        public SetOutItem $item,
        public string $name,
        public int $count,
    ) {
        parent::__construct($id, $atMilliseconds);
    }
}
