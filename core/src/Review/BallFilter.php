<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Session\SessionPart;

/** Which of a student's balls are looked at; what is null is not asked. This class is immutable. */
final readonly class BallFilter
{
    /**
     * @param int|null $from and $to Unix milliseconds, both ends counted
     * @param float|null $near metres: targets within a tenth of it
     * @param string|null $drill key of the drill they were rolled in
     */
    public function __construct(
        public ?int $from = null,
        public ?int $to = null,
        public ?float $near = null,
        public ?SlopeClass $slope = null,
        public ?string $drill = null,
        public ?string $putter = null,
        public ?int $tempo = null,
        public ?string $session = null,
        public ?SessionPart $part = null,
    ) {}

    public function of(BallSelection $asked): BallSelection
    {
        $sessions = $asked->sessions === null ? null : $this->wholeSessions($asked->sessions);

        return $sessions === null ? $this->byBall($asked) : $asked->ofSessions($sessions);
    }

    /**
     * Sessions that are looked at as a whole; null where only some of a session's balls are, or may be.
     */
    private function wholeSessions(PreparedSessions $sessions): ?PreparedSessions
    {
        $isByBall =
            ($this->near ?? ($this->slope ?? ($this->drill ?? ($this->putter ?? ($this->tempo ?? $this->part))))) !==
            null;
        $kept = $sessions->where(
            fn(PreparedSession $session): bool => ($this->session === null || $session->id === $this->session) &&
                ($this->from === null || $session->last >= $this->from) &&
                ($this->to === null || $session->first <= $this->to),
        );
        $isCut =
            array_filter(
                $kept->all,
                fn(PreparedSession $session): bool => ($this->from !== null && $session->first < $this->from) ||
                    ($this->to !== null && $session->last > $this->to),
            ) !== [];

        return $isByBall || $isCut ? null : $kept;
    }

    private function byBall(BallSelection $asked): BallSelection
    {
        $kept = $asked->where(
            fn(RolledBall $ball): bool => ($this->from === null || $ball->atMilliseconds >= $this->from) &&
                ($this->to === null || $ball->atMilliseconds <= $this->to) &&
                ($this->slope === null || SlopeClass::of($ball) === $this->slope) &&
                ($this->drill === null || $ball->drill === $this->drill) &&
                ($this->putter === null || $ball->putter === $this->putter) &&
                ($this->tempo === null || $ball->tempo === $this->tempo) &&
                ($this->part === null || $ball->during->part === $this->part) &&
                ($this->session === null || $ball->sessionId === $this->session),
        );

        return $this->near === null ? $kept : $kept->near($this->near);
    }
}
