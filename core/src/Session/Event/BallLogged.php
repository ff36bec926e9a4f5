<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Ball;
use Amble\Core\Session\BallOwner;
use Amble\Core\Session\SessionFold;

/** A ball was rolled. Its event id is the putt's id. Version 2 holds what was seen under "seen". */
final readonly class BallLogged extends SessionEvent
{
    public function __construct(
        string $id,
        int $atMilliseconds,
        public Ball $ball,
        public BallOwner $belonging = new BallOwner(),
    ) {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'putt_logged';
    }

    public static function version(): int
    {
        return 2;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self(
            $id,
            $at,
            BallReader::ball($event, $version),
            new BallOwner(
                $event->textOrNull('run_id', 40),
                $event->textOrNull('student', 80),
                $event->textOrNull('putter', 120),
                $event->has('tempo_bpm') ? $event->wholeNumber('tempo_bpm', 20, 240) : null,
            ),
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->addPutt($this);
    }
}
