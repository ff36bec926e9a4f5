<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Condition;
use Amble\Core\Session\SessionFold;

/** The green was seen to be in some state, or no longer. */
final readonly class ConditionNoted extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public Condition $condition, public bool $isSeen)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'condition_noted';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self($id, $at, $event->enum('condition', Condition::class), $event->flagOr('is_seen', true));
    }

    public function apply(SessionFold $fold): void
    {
        $fold->noteCondition($this->condition, $this->isSeen);
    }
}
