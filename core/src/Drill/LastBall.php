<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Session\LoggedBall;

/** How the last ball that counted was judged. This class is immutable. */
final readonly class LastBall
{
    /**
     * @param bool $isInsidePace whether its length was as asked; null where nobody measured it
     * @param bool $restarted whether it sent the drill back
     * @param AgainstHole|null $gate what its gate let through against the hole; null where either is missing
     */
    public function __construct(
        public LoggedBall $putt,
        public bool $passed,
        public bool $restarted,
        public ?bool $isInsidePace,
        public ?AgainstHole $gate = null,
    ) {}
}
