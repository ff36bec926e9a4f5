<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\SessionFold;

/** Something goes on around the balls from here on, or no longer. */
final readonly class DisturbanceNoted extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public Disturbance $disturbance, public bool $isOn)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'disturbance_noted';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self($id, $at, $event->enum('disturbance', Disturbance::class), $event->flagOr('is_on', true));
    }

    public function apply(SessionFold $fold): void
    {
        $fold->noteDisturbance($this->disturbance, $this->isOn);
    }
}
