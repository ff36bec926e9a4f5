<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Green;

use Amble\Core\Green\HoleMap;
use Amble\Core\Green\SlopeReading;
use Amble\Core\Numeric\PositiveMatrix;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;

/** The map of a hole, from slopes read round it. */
final class HoleMapTest extends PropertyTestCase
{
    private static function reading(float $x, float $y, float $right, float $up): SlopeReading
    {
        return new SlopeReading($x, $y, Grade::ofRatio($right), Grade::ofRatio($up));
    }

    /** @return list<SlopeReading> exact slopes of a plane at the hole and six places */
    private static function plane(float $right, float $up): array
    {
        $readings = [self::reading(0.0, 0.0, $right, $up)];
        for ($i = 0; $i < 6; ++$i) {
            $readings[] = self::reading(3.0 * sin(($i * M_PI) / 3), 3.0 * cos(($i * M_PI) / 3), $right, $up);
        }

        return $readings;
    }

    public function testTheSlopeIsTheGradientOfTheHeight(): void
    {
        $random = new SeededRandom(3);
        $readings = array_map(
            static fn(): SlopeReading => self::reading(
                4.0 * $random->normal(),
                4.0 * $random->normal(),
                0.02 * $random->normal(),
                0.02 * $random->normal(),
            ),
            range(1, 9),
        );
        $map = HoleMap::of($readings);
        foreach ([[0.4, -1.2], [2.0, 3.0], [-3.3, 0.7]] as [$x, $y]) {
            [$right, $up] = $map->slope($x, $y);
            self::assertNear(($map->height($x + 1e-5, $y) - $map->height($x - 1e-5, $y)) / 2e-5, $right, 1e-6);
            self::assertNear(($map->height($x, $y + 1e-5) - $map->height($x, $y - 1e-5)) / 2e-5, $up, 1e-6);
        }
        self::assertSame(0.0, $map->height(0.0, 0.0));
    }

    public function testPreciseReadingsOfAPlaneGiveThatPlaneAndEveryReadingMakesItSurer(): void
    {
        $readings = self::plane(0.01, 0.025);
        [$right, $up] = HoleMap::of($readings, 1e-5)->slope(1.5, -2.0);
        self::assertEqualsWithDelta(0.01, $right, 1e-5);
        self::assertEqualsWithDelta(0.025, $up, 1e-5);
        $before = INF;
        for ($n = 0; $n <= count($readings); ++$n) {
            $error = HoleMap::of(array_slice($readings, 0, $n))->slopeErrors(1.0, 2.0)[0];
            self::assertLessThan($before, $error);
            $before = $error;
        }
    }

    public function testNothingIsSaidFarBeyondTheOutermostReadingNorBeforeAny(): void
    {
        self::assertFalse(HoleMap::of([])->covers(0.1, 0.0));
        $map = HoleMap::of([self::reading(0.0, 3.0, 0.0, 0.02)]);
        self::assertTrue($map->covers(3.9, 0.0));
        self::assertFalse($map->covers(0.0, 4.1));
    }

    public function testTheReadingFurthestOffTheOthersIsAskedAgainAndOrdinaryOnesAreNot(): void
    {
        $readings = self::plane(0.01, 0.025);
        self::assertNull(HoleMap::of($readings)->oddReading());
        foreach ([[0.01, -0.025], [0.05, 0.025]] as [$right, $up]) {
            foreach ([0, 3, 6] as $i) {
                $wrong = array_replace($readings, [
                    $i => self::reading($readings[$i]->xMetres, $readings[$i]->yMetres, $right, $up),
                ]);
                self::assertSame($i, HoleMap::of(array_values($wrong))->oddReading());
                self::assertNull(HoleMap::of(array_slice(array_values($wrong), 0, 3))->oddReading());
            }
        }
        // Of greens read by a phone without a slip hardly any is asked again.
        $random = new SeededRandom(12);
        $odd = 0;
        for ($green = 0; $green < 200; ++$green) {
            $noisy = array_map(
                static fn(SlopeReading $each): SlopeReading => self::reading(
                    $each->xMetres,
                    $each->yMetres,
                    $each->right->ratio() + HoleMap::PHONE * $random->normal(),
                    $each->up->ratio() + HoleMap::PHONE * $random->normal(),
                ),
                $readings,
            );
            $odd += HoleMap::of($noisy)->oddReading() === null ? 0 : 1;
        }
        self::assertLessThan(6, $odd);
    }

    public function testAnInverseTimesItsMatrixIsTheUnitMatrix(): void
    {
        $random = new SeededRandom(8);
        $root = array_map(
            static fn(): array => array_map(static fn(): float => $random->normal(), range(1, 5)),
            range(1, 5),
        );
        $matrix = array_map(
            static fn(array $one): array => array_map(
                static fn(array $other): float => array_sum(
                    array_map(static fn(float $a, float $b): float => $a * $b, $one, $other),
                ),
                $root,
            ),
            $root,
        );
        $inverse = PositiveMatrix::inverse($matrix);
        foreach ($matrix as $i => $row) {
            foreach (array_keys($row) as $j) {
                $sum = array_sum(
                    array_map(static fn(float $a, float $b): float => $a * $b, $row, array_column($inverse, $j)),
                );
                self::assertEqualsWithDelta($i === $j ? 1.0 : 0.0, $sum, 1e-9);
            }
        }
        self::assertNear(
            $matrix[0][0] + 2.0 * $matrix[0][2] + $matrix[2][2],
            PositiveMatrix::form($matrix, [1.0, 0.0, 1.0, 0.0, 0.0]),
        );
    }
}
