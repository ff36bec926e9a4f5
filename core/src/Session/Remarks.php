<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** What a coach says of a ball with one touch: that it does not count for technique, and why it missed. Immutable. */
final readonly class Remarks
{
    /** @param Cause|null $cause why it missed; null while nobody said */
    public function __construct(public ?BallMark $mark = null, public ?Cause $cause = null) {}
}
