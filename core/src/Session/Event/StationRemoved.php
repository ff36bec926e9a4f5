<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;

/** A station was taken up. Balls rolled from it stay. */
final readonly class StationRemoved extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public string $stationId)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'station_removed';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self($id, $at, $event->text('station_id', 40));
    }

    public function apply(SessionFold $fold): void
    {
        $fold->removeStation($this->stationId);
    }
}
