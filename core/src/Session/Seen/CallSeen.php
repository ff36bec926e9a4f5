<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** What the student called before looking. */
final readonly class CallSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('call', 'Called before looking', Answers::words(['short' => 'Short', 'on' => 'On', 'long' => 'Long']), Feeds::Feel, false, 'c');
    }
}
