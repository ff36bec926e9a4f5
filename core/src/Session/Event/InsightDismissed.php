<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\DismissedInsight;
use Amble\Core\Session\SessionFold;

/** A margin note was put away, with the evidence it rested on, until that changes; or brought back. */
final readonly class InsightDismissed extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public DismissedInsight $note, public bool $isAside)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'note_set_aside';
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
            new DismissedInsight(
                $event->text('key', 60),
                $event->has('evidence') ? $event->text('evidence', 120) : null,
                $event->has('reason') ? $event->text('reason', 300) : null,
            ),
            $event->flagOr('is_aside', true),
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->dismissInsight($this->note, $this->isAside);
    }
}
