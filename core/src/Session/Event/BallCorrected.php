<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Ball;
use Amble\Core\Session\SessionFold;

/** An earlier ball was really like this: the whole ball anew, remarks and all. */
final readonly class BallCorrected extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public string $puttId, public Ball $ball)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'putt_corrected';
    }

    public static function version(): int
    {
        return 2;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self($id, $at, $event->text('putt_id', 40), BallReader::ball($event, $version));
    }

    public function apply(SessionFold $fold): void
    {
        $fold->correct($this->puttId, $this->ball);
    }
}
