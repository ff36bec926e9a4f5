<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Roll;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\HoleMap;
use Amble\Core\Green\SlopeReading;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\MappedPutts;
use Amble\Core\Roll\MappedRead;
use Amble\Core\Roll\PuttWish;
use Amble\Core\Roll\Relief;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Putts on a mapped hole. */
final class MappedPuttsTest extends PropertyTestCase
{
    private static function speed(): GreenSpeed
    {
        return GreenSpeed::ofFeet(10.0);
    }

    /** A plane that rises so much to the right and up, read without error at the hole and six places. */
    private static function plane(float $right, float $up, float $noise = 1e-5): HoleMap
    {
        $readings = [];
        foreach ([[0.0, 0.0], [0.0, 3.0], [2.6, 1.5], [2.6, -1.5], [0.0, -3.0], [-2.6, -1.5], [-2.6, 1.5]] as $place) {
            $readings[] = new SlopeReading(...$place, right: Grade::ofRatio($right), up: Grade::ofRatio($up));
        }

        return HoleMap::of($readings, $noise);
    }

    public function testOnAMappedPlaneAReadIsThePlanesOwnFromEveryPlace(): void
    {
        $map = self::plane(0.01, 0.02);
        foreach ([[0.0, -3.0], [2.0, 1.5], [-2.5, -0.5], [1.0, 2.4]] as [$x, $y]) {
            $length = hypot($x, $y);
            // Along the way to the hole, and a quarter turn to the right of it.
            $along = (-$x * 0.01 - $y * 0.02) / $length;
            $across = (-$y * 0.01 + $x * 0.02) / $length;
            $plane = (new AimSolver(
                new Ground(self::speed(), Grade::ofRatio($along), Grade::ofRatio($across)),
                Length::ofMetres($length),
                0.3,
            ))->read();
            $read = MappedRead::of($map, self::speed(), $x, $y, 0.3);
            self::assertEqualsWithDelta($plane->startLine(), $read->solution->startLine(), 2e-4);
            self::assertEqualsWithDelta($plane->startSpeed(), $read->solution->startSpeed(), 1e-3);
            self::assertEqualsWithDelta($along, $read->ground->along->ratio(), 1e-4);
            self::assertEqualsWithDelta($across, $read->ground->across->ratio(), 1e-4);
            self::assertTrue($read->isFigure());
        }
    }

    public function testAReliefSeenFromABallHasThePullOfTheMapAtEveryPlace(): void
    {
        $coefficients = [0.01, 0.02, 0.002, -0.001, 0.003, 0.0004, -0.0003, 0.0002, 0.0005];
        $relief = Relief::from($coefficients, 3.0, -4.0);
        // 2 m towards the hole and 1 m to the right of the line, in the map: (3, -4) + 2 (-0.6, 0.8) + 1 (0.8, 0.6).
        [$x, $y] = [2.6, -1.8];
        $row = HoleMap::gradientRows($x, $y);
        $right = array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $row[0], $coefficients));
        $up = array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $row[1], $coefficients));
        $pull = (5.0 / 7.0) * 9.80665;
        [$along, $aside] = $relief->pullAt(2.0, 1.0);
        self::assertNear($pull * (-0.6 * $right + 0.8 * $up), $along);
        self::assertNear($pull * (0.8 * $right + 0.6 * $up), $aside);
        self::assertNear(0.5 * $along, $relief->times(0.5)->pullAt(2.0, 1.0)[0]);
    }

    public function testMoreReadingsMakeAStartLineSurerAndAVagueOneIsNoFigure(): void
    {
        $one = HoleMap::of([new SlopeReading(0.0, 0.0, Grade::ofPercent(1.0), Grade::ofPercent(2.0))]);
        $seven = self::plane(0.01, 0.02, HoleMap::PHONE);
        [$vague, $sure] = [MappedRead::of($one, self::speed(), 2.4, 0.0, 0.3), MappedRead::of($seven, self::speed(), 2.4, 0.0, 0.3)];
        self::assertGreaterThan(2.0 * (float) $sure->startLineError, $vague->startLineError);
        self::assertFalse($vague->isFigure());
        self::assertTrue($sure->isFigure());
        $this->expectException(InvalidInput::class);
        MappedRead::of($seven, self::speed(), 0.03, 0.03, 0.3);
    }

    public function testStraightPuttsOfAPlaneRunStraightUpAndDownIt(): void
    {
        // The plane rises towards two o'clock: 60 degrees from the top.
        $map = self::plane(0.02 * sin(M_PI / 3), 0.02 * cos(M_PI / 3));
        $putts = (new MappedPutts($map, self::speed(), 0.3))->straight(2.4);
        self::assertCount(2, $putts);
        foreach ($putts as $putt) {
            $turn = rad2deg(atan2($putt->xMetres, $putt->yMetres));
            self::assertEqualsWithDelta($putt->along < 0.0 ? 60.0 : -120.0, $turn, 1.5);
            self::assertEqualsWithDelta(0.02, abs($putt->along), 3e-4);
            self::assertLessThan(0.1, $putt->straightWithin);
        }
        self::assertSame([], (new MappedPutts($map, self::speed(), 0.3))->straight(9.0));
    }

    public function testAWishIsMetAsNearlyAsTheHoleCan(): void
    {
        $putts = new MappedPutts(self::plane(0.0, 0.02), self::speed(), 0.3);
        $grade = Grade::ofPercent(...);
        $up = $putts->nearest(new PuttWish(Length::ofMetres(3.0), $grade(2.0), $grade(0.0)));
        self::assertEqualsWithDelta([0.0, -3.0], [$up?->xMetres, $up?->yMetres], 1e-9);
        // Rising to the player's right: from the left of the hole, looking right, the hill is on the left.
        $breaking = $putts->nearest(new PuttWish(Length::ofMetres(2.0), null, $grade(2.0)));
        self::assertEqualsWithDelta([2.0, 0.0], [$breaking?->xMetres, $breaking?->yMetres], 1e-9);
        $near = $putts->nearest(new PuttWish(Length::ofMetres(2.0), null, null, [-2.0, 0.1]));
        self::assertEqualsWithDelta(-2.0, $near?->xMetres, 0.05);
        self::assertNull($putts->nearest(new PuttWish(Length::ofMetres(8.0), null, null)));
    }

    public function testStationsOfADrillLieAsTheyAreWantedAndElseInOneLine(): void
    {
        $putts = new MappedPutts(self::plane(0.0, 0.02), self::speed(), 0.3);
        $straight = static fn(float $metres): PuttWish => new PuttWish(Length::ofMetres($metres), null, Grade::level());
        $ladder = $putts->stations([$straight(1.0), $straight(2.0), $straight(3.0), $straight(9.0)]);
        self::assertNull($ladder[3]);
        foreach (array_slice($ladder, 0, 3) as $i => $putt) {
            // All straight down the plane, or all straight up it.
            self::assertEqualsWithDelta(0.0, $putt?->xMetres, 1e-6);
            self::assertSame(($ladder[0]?->yMetres ?? 0.0) > 0.0, ($putt?->yMetres ?? 0.0) > 0.0);
            self::assertEqualsWithDelta($i + 1.0, abs($putt->yMetres ?? 0.0), 1e-6);
        }
        $breaking = new PuttWish(Length::ofMetres(2.0), null, Grade::ofPercent(2.0));
        self::assertEqualsWithDelta(2.0, $putts->stations([$straight(2.0), $breaking])[1]?->xMetres, 0.4);
    }

    public function testThePlaceSaidNextTellsMoreThanMostAndTheLinesGetSurerByIt(): void
    {
        $map = HoleMap::of([]);
        $errors = [];
        for ($n = 0; $n < 7; ++$n) {
            $putts = new MappedPutts($map, self::speed(), 0.3);
            $place = $putts->tellsMost();
            self::assertNotNull($place);
            foreach ($map->readings as $reading) {
                self::assertGreaterThan(0.5, hypot($reading->xMetres - $place[0], $reading->yMetres - $place[1]));
            }
            $map = $map->with(new SlopeReading(...$place, right: Grade::ofPercent(0.5), up: Grade::ofPercent(2.0)));
            $errors[] = (float) (new MappedPutts($map, self::speed(), 0.3))->meanLineError();
        }
        $sorted = $errors;
        rsort($sorted);
        self::assertSame($sorted, $errors);
        self::assertLessThan(deg2rad(0.7), end($errors));
    }
}
