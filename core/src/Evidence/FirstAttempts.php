<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Green\Surface;

/**
 * First balls at a putt apart from later ones, which the first ones taught: only a first try is what a round asks.
 *
 * Inside is within the usual share of the length. This class is immutable.
 */
final readonly class FirstAttempts
{
    private function __construct(
        public int $first,
        public int $firstInside,
        public int $later,
        public int $laterInside,
    ) {}

    /** @param list<RolledBall> $balls those that tell no length are passed over */
    public static function of(array $balls, ?Surface $surface): self
    {
        $counts = [[0, 0], [0, 0]];
        $selection = new ForDistance($surface);
        foreach ($selection->of($balls) as $ball) {
            $putt = $selection->putts([$ball])[0] ?? null;
            $isInside = $putt?->isInside(DistanceControl::DEFAULT_WINDOW);
            if ($isInside !== null) {
                $which = $ball->attempt === 1 ? 0 : 1;
                ++$counts[$which][0];
                $counts[$which][1] += $isInside ? 1 : 0;
            }
        }

        return new self($counts[0][0], $counts[0][1], $counts[1][0], $counts[1][1]);
    }
}
