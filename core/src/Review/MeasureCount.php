<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\ExcludedBalls;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\ForFeel;
use Amble\Core\Evidence\ForReads;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Evidence\Selection;
use Amble\Core\Green\Surface;

/** How many of a session's balls tell one measure, and why the others do not. This class is immutable. */
final readonly class MeasureCount
{
    /** @param array<string, positive-int> $leftOut how many, by reason */
    private function __construct(public string $measure, public int $counted, public array $leftOut) {}

    /**
     * @param list<RolledBall> $balls of one session and student
     *
     * @return list<self> one for each measure that somebody looked for
     */
    public static function all(array $balls, ?Surface $surface): array
    {
        $measures = [
            'stroke' => new ForStroke($surface),
            'distance' => new ForDistance($surface),
            'start_line' => new ForStartLine(),
            'reads' => new ForReads(),
            'feel' => new ForFeel(),
        ];

        $counts = array_map(
            static function (string $measure, Selection $selection) use ($balls): self {
                $reasons = $selection->reasons($balls);

                return new self($measure, count($balls) - (int) array_sum($reasons), $reasons);
            },
            array_keys($measures),
            array_values($measures),
        );

        return array_values(array_filter($counts, static fn(self $count): bool => $count->isAsked()));
    }

    /** What nobody looked for is no lack. */
    private function isAsked(): bool
    {
        return $this->counted > 0 || array_diff(array_keys($this->leftOut), [ExcludedBalls::NotAsked->value]) !== [];
    }
}
