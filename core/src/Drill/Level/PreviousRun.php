<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Level;

/** How a student left a drill when they last rolled it. This class is immutable. */
final readonly class PreviousRun
{
    /**
     * @param non-negative-int $level of the drill's progression
     * @param list<bool> $recent passes and misses of the last ten balls that were judged, oldest first
     * @param non-negative-int|null $rung of the widths it steps through, from the widest; null where it does not step
     */
    public function __construct(public int $level, public array $recent, public ?int $rung) {}
}
