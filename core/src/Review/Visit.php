<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Session\Condition;

/** One session of a student as it stands on their path. This class is immutable. */
final readonly class Visit
{
    /**
     * @param list<Condition> $conditions the green was in
     * @param list<string> $putters used, in their order; empty where nobody noted one
     * @param list<int> $tempos beats a minute, in their order
     */
    public function __construct(
        public string $sessionId,
        public int $atMilliseconds,
        public ?string $green,
        public array $conditions = [],
        public array $putters = [],
        public array $tempos = [],
    ) {}
}
