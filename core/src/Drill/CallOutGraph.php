<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/**
 * The balls laid out ahead of a run, for a device that may lose its network.
 *
 * Legs form a small graph: where nothing restarts each leads to the one after it; where a miss sends
 * the drill back, each says where to. This class is immutable.
 */
final readonly class CallOutGraph
{
    /**
     * @param list<CallOutNode> $legs
     * @param non-negative-int $at place of the next ball among the legs
     * @param non-negative-int $certain balls that will be rolled whatever happens; after those a goal or
     *                                  a cap may have ended the drill
     */
    public function __construct(public array $legs, public int $at, public int $certain) {}

    public static function over(): self
    {
        return new self([], 0, 0);
    }
}
