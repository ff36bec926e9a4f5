<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether the line on the ball tumbled true: path and face agree when it does. */
final readonly class TumbleSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('tumble', 'How the line on the ball turned', Answers::words(['true' => 'True', 'wobble' => 'Wobbled']), Feeds::Cause, true);
    }
}
