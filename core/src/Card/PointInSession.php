<?php

declare(strict_types=1);

namespace Amble\Core\Card;

use Amble\Core\Session\PointAnswer;

/** How a point looked in one session. This class is immutable. */
final readonly class PointInSession
{
    public function __construct(
        public string $card,
        public string $point,
        public PointAnswer $sight,
        public ?string $word,
        public string $session,
        public int $atMilliseconds,
    ) {}
}
