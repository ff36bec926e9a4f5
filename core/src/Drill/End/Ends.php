<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

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

    /** @throws InvalidInput If the kind is unheard of or a figure of it unusable. */
    public static function read(JsonInput $end): End
    {
        return self::KINDS[$end->word('kind', array_keys(self::KINDS))]::read($end);
    }
}
