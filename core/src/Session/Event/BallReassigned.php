<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;

/**
 * A ball was really somebody else's. All that was seen of it, its run and its time stay as they were; what it
 * was struck with is the other's.
 */
final readonly class BallReassigned extends SessionEvent
{
    /**
     * @param string|null $student null for the session's own
     * @param string|null $putter the other's; null when unknown
     * @param int|null $tempo the other's, beats a minute; null when unknown
     */
    public function __construct(
        string $id,
        int $atMilliseconds,
        public string $puttId,
        public ?string $student,
        public ?string $putter = null,
        public ?int $tempo = null,
    ) {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'putt_given';
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
            $event->text('putt_id', 40),
            $event->has('student') ? $event->text('student', 80) : null,
            $event->has('putter') ? $event->text('putter', 120) : null,
            $event->has('tempo_bpm') ? $event->wholeNumber('tempo_bpm', 20, 240) : null,
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->give($this);
    }
}
