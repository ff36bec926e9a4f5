<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

/** The kinds of end by name: a new one is a file beside this one and a line here. */
final class Ends
{
    /** @var non-empty-array<string, class-string<End>> */
    public const KINDS = [
        'all_stations' => AllStations::class,
        'balls' => BallCount::class,
        'points' => PointsGoal::class,
        'minutes' => Minutes::class,
    ];
}
