<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;
use Amble\Core\Session\SetupItem;

/** A check was ticked, or so many pieces of kit went out or came back. The latest count stands. */
final readonly class SetupCounted extends SessionEvent
{
    /** @param non-negative-int $count */
    public function __construct(
        string $id,
        int $atMilliseconds,
        public string $runId,
        public SetupItem $item,
        public string $name,
        public int $count,
    ) {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'set_out_counted';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self(
            $id,
            $at,
            $event->text('run_id', 40),
            $event->enum('item', SetupItem::class),
            $event->text('name', 300),
            max(0, $event->wholeNumber('count', 0, 500)),
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->count($this);
    }
}
