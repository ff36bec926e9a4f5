<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;

/** The coach chose which reading of the green stands for this session, of two that were taken. */
final readonly class MeasurementChosen extends SessionEvent
{
    /** @param string|null $readingId null to go by the session's own again */
    public function __construct(string $id, int $atMilliseconds, public ?string $readingId)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'reading_chosen';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self($id, $at, $event->has('reading_id') ? $event->text('reading_id', 40) : null);
    }

    public function apply(SessionFold $fold): void
    {
        $fold->chooseReading($this->readingId);
    }
}
