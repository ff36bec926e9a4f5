<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Which level of a tiered green a ball reached, counted from the ball. */
final readonly class LevelSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('level', 'It stopped on level (1 is the ball’s own)', Answers::count(0, 5), Feeds::Distance, false);
    }
}
