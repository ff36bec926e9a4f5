<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Distance\Today;
use Amble\Core\Evidence\FirstAttempts;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Review\BackstrokeTable;
use Amble\Core\Review\MeasureCount;
use Amble\Core\Review\StrokeReport;

/** One session looked back on: the stroke, today against what is usual, and what the insights say. Immutable. */
final readonly class SessionReport
{
    /**
     * @param BackstrokeTable|null $table for the green's speed; null without one
     * @param MeasurementInForce|null $standing the reading it rests on
     * @param Today|null $day today's first balls at targets, this student first; null without any
     * @param non-negative-int $dayBalls those of this student that it rests on
     * @param list<MeasureCount> $counts what today's balls tell, measure by measure
     * @param list<Insight> $notes
     * @param FirstAttempts $tries today's, first ones at each putt apart
     * @param list<array{float, float}> $shoePlaces length and distance from ball to trail shoe, metres, from the shoe
     *     measurements alone
     */
    public function __construct(
        public StrokeReport $stroke,
        public ?BackstrokeTable $table,
        public ?MeasurementInForce $standing,
        public MeasurementMethod $method,
        public ?Today $day,
        public int $dayBalls,
        public array $counts,
        public array $notes,
        public FirstAttempts $tries,
        public array $shoePlaces = [],
    ) {}
}
