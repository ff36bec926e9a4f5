<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** One ball laid out ahead, and where the drill goes from it. This class is immutable. */
final readonly class CallOutNode
{
    /**
     * @param non-negative-int|null $afterPass 0-based place in the course; null where the drill is over
     * @param non-negative-int|null $afterMiss likewise
     */
    public function __construct(public CallOut $callOut, public ?int $afterPass, public ?int $afterMiss) {}
}
