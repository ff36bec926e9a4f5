<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;
use Amble\Core\Session\SessionPart;

/** From here on balls are of a part of the session; of none again where it names none. */
final readonly class PartBegun extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public ?SessionPart $part)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'part_begun';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self($id, $at, $event->enumOrNull('part', SessionPart::class));
    }

    public function apply(SessionFold $fold): void
    {
        $fold->beginPart($this->part);
    }
}
