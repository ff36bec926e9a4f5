<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;
use Amble\Core\Session\SessionStation;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** A station was marked, or one marked earlier is really like this. */
final readonly class StationSet extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public SessionStation $station)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'station_set';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        $grade = static fn(string $field): ?Grade => $event->has($field)
            ? Grade::ofPercent($event->number($field), $event->path($field))
            : null;

        return new self(
            $id,
            $at,
            new SessionStation(
                $event->text('station_id', 40),
                Length::ofMetres($event->number('length_m'), $event->path('length_m')),
                $event->text('said', 40),
                $grade('grade_percent'),
                $grade('across_percent'),
            ),
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->setStation($this->station);
    }
}
