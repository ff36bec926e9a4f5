<?php

declare(strict_types=1);

/*
 * Prints docs/maps.md: how well a mapped hole is known, by the number of places and by what reads them, and what a read
 * from the map saves against one slope reading. Simulated; the seed is fixed.
 *
 *   php scripts/map-study.php [HOLES]        120 a row unless said
 */

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\HoleMap;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Strokes\Player;
use Amble\Core\Units\Length;
use Amble\Tools\MapTrial;

require __DIR__ . '/../vendor/autoload.php';

const FEET = 0.3048;

$holes = max(1, (int) ($argv[1] ?? 120));
$rms = static fn(array $errors): float => $errors === []
    ? NAN
    : sqrt(array_sum(array_map(static fn(float $each): float => $each ** 2, $errors)) / count($errors));
// An ordinary player from 8 ft: a read error adds to the spread of the start line in quadrature (maths.md 6).
$putts = static function (float $readErrorRadians): float {
    $player = Player::of(0.0, hypot(deg2rad(2.2), $readErrorRadians), 0.0, 0.12, 0.3);

    return (float) (new ExpectedPutts($player, GreenSpeed::ofFeet(10.0)))->from(Length::ofFeet(8.0))->expected;
};

echo <<<TEXT
# How well a mapped hole is known

Printed by `./amble map-study`: $holes random holes a row (coefficients by maths.md 2.6, green speed 10 ft), four putts each from
random directions. Slope and start-line errors are root mean squares; "held" is how often the 80 % range of the start line held
the true one (78 to 84 % is wanted). "Said" is the share of putts whose start line is known within 2°, as the screen says no
others; what stands beside it is of those.

| places | read by | putt | slope | said | start line | held | one slope half-way | one slope at the hole |
|---|---|---|---|---|---|---|---|---|

TEXT;
$told = [];
foreach (
    [
        [0, HoleMap::PHONE, 8.0],
        [3, HoleMap::PHONE, 8.0],
        [6, HoleMap::PHONE, 8.0],
        [6, HoleMap::PHONE, 10.0],
        [12, HoleMap::PHONE, 8.0],
        [6, HoleMap::LEVEL, 8.0],
        [12, HoleMap::LEVEL, 8.0],
    ]
    as $row => [$places, $noise, $feet]
) {
    $trial = new MapTrial($places, $noise, 10.0 * FEET, $feet * FEET, new SeededRandom(100 + $row));
    for ($i = 0; $i < $holes; ++$i) {
        $trial->hole();
    }
    printf(
        "| the hole%s | %s | %d ft | %.2f %% | %d %% | %.2f° | %d %% | %.2f° | %.2f° |\n",
        $places === 0 ? '' : " and $places at 10 ft",
        $noise === HoleMap::PHONE ? 'phone' : 'level',
        $feet,
        100.0 * $rms($trial->slopes),
        (int) round((100.0 * count($trial->lines)) / max(1, $trial->asked)),
        rad2deg($rms($trial->lines)),
        (int) round((100.0 * count(array_filter($trial->held))) / max(1, count($trial->held))),
        rad2deg($rms($trial->halfWay)),
        rad2deg($rms($trial->atHole)),
    );
    if ($places === 6 && $noise === HoleMap::PHONE && $feet === 8.0) {
        $told = [$rms($trial->lines), $rms($trial->halfWay), $rms($trial->atHole)];
    }
}
[$map, $halfWay, $atHole] = array_map($putts, $told);
printf(
    "\nAn ordinary player (2.2°, 12 %%) needs %.3f putts from 8 ft read from such a map, %.3f by one slope half-way and %.3f by\n" .
        "one slope at the hole: the map saves %.2f and %.2f putts in 18 such putts.\n",
    $map,
    $halfWay,
    $atHole,
    18.0 * ($halfWay - $map),
    18.0 * ($atHole - $map),
);
