<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** What a coach says of a ball with one touch, beside what was measured. This class is immutable. */
final readonly class Remarks
{
    /**
     * @param Cause|null $cause why it missed; null while nobody said
     * @param bool|null $isHeld whether the finish was held still; null when nobody looked
     * @param int<0, 20>|null $rehearsals rehearsals before it; null when nobody counted
     * @param int<1, 20>|null $puttsToFinish further putts until holed, for a ball that was putted out
     */
    public function __construct(
        public ?Mark $mark = null,
        public ?Cause $cause = null,
        public ?bool $isHeld = null,
        public ?int $rehearsals = null,
        public ?int $puttsToFinish = null,
    ) {
    }
}
