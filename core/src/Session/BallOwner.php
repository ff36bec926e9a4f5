<?php

declare(strict_types=1);

namespace Amble\Core\Session;

use Amble\Core\Session\Event\BallReassigned;

/** Which drill run a ball was rolled in, whose it was, and with what it was struck. This class is immutable. */
final readonly class BallOwner
{
    /**
     * @param string|null $runId null outside a drill
     * @param string|null $student null where the session's own student rolled it
     * @param string|null $putter in use when it was struck; null when unknown
     * @param int|null $tempo beats a minute kept when it was struck; null when unknown
     */
    public function __construct(
        public ?string $runId = null,
        public ?string $student = null,
        public ?string $putter = null,
        public ?int $tempo = null,
    ) {}

    /** The same ball in another's hands. */
    public function givenTo(BallReassigned $to): self
    {
        return new self($this->runId, $to->student, $to->putter, $to->tempo);
    }
}
