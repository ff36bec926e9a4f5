<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Distance\Today;
use Amble\Core\Evidence\FirstTries;
use Amble\Core\Evidence\Standing;
use Amble\Core\Green\ReadingMethod;
use Amble\Core\Review\MeasureCount;
use Amble\Core\Review\StrokeLook;
use Amble\Core\Review\StrokeTable;

/** One session looked back on: the stroke, today against what is usual, and what the margin says. Immutable. */
final readonly class SessionLook
{
    /**
     * @param StrokeTable|null $table for the green's speed; null without one
     * @param Standing|null $standing the reading it rests on
     * @param Today|null $day today's first balls at targets, this student first; null without any
     * @param non-negative-int $dayBalls those of this student that it rests on
     * @param list<MeasureCount> $counts what today's balls tell, measure by measure
     * @param list<Note> $notes
     * @param FirstTries $tries today's, first ones at each putt apart
     * @param list<array{float, float}> $shoePlaces length and distance from ball to trail shoe, metres, from the shoe measurements alone
     */
    public function __construct(
        public StrokeLook $stroke,
        public ?StrokeTable $table,
        public ?Standing $standing,
        public ReadingMethod $method,
        public ?Today $day,
        public int $dayBalls,
        public array $counts,
        public array $notes,
        public FirstTries $tries,
        public array $shoePlaces = [],
    ) {
    }
}
