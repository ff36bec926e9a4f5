<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Roll;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Physics;
use Amble\Core\Roll\Grain;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Roll\Roller;
use Amble\Core\Roll\Tier;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

final class RollerTest extends PropertyTestCase
{
    private static function surface(
        float $feet,
        float $along,
        float $across,
        ?Tier $tier = null,
        ?Grain $grain = null,
    ): Ground {
        return new Ground(
            GreenSpeed::ofFeet($feet),
            Grade::ofPercent($along),
            Grade::ofPercent($across),
            $tier,
            $grain,
        );
    }

    public function testAStraightRollAgreesWithTheClosedForm(): void
    {
        $this->limitTo(60)
            ->forAll(self::between(6.0, 14.0), self::between(-2.5, 5.0), self::between(0.5, 15.0))
            ->then(function (float $feet, float $percent, float $metres): void {
                $speed = (float) (new LineRoll(GreenSpeed::ofFeet($feet), Grade::ofPercent($percent)))->startSpeed(
                    Length::ofMetres($metres),
                );
                $rest = (new Roller(self::surface($feet, $percent, 0.0)))->roll($speed, 0.0, 2.0 * $metres)->rest;
                self::assertNotNull($rest);
                self::assertEqualsWithDelta($metres, $rest->x, 1e-6);
                self::assertSame(0.0, $rest->y);
            });
    }

    public function testOnAPlaneTheClosedFormIsWhatSteppingComesTo(): void
    {
        // A step of no height has nothing to say, but is stepped over.
        $flat = Tier::of(0.0, 1.0, -9.0);
        $this->limitTo(400)
            ->forAll(
                self::between(-2.5, 4.0),
                self::between(-4.0, 4.0),
                self::between(0.3, 2.2),
                self::between(-0.7, 0.7),
            )
            ->then(static function (float $along, float $across, float $speed, float $line) use ($flat): void {
                $sums = (new Roller(self::surface(9.0, $along, $across)))->trace($speed, $line, 1.5);
                $stepped = (new Roller(self::surface(9.0, $along, $across, $flat)))->trace($speed, $line, 1.5);
                if ($stepped->isLevelWithHole !== $sums->isLevelWithHole) {
                    // Only of a ball as good as at rest, or one far off that draws away for a moment, may they differ.
                    self::assertTrue($stepped->closest->speed() < 4e-4 || abs($stepped->offset) > Physics::HOLE_RADIUS);

                    return;
                }
                self::assertEqualsWithDelta($stepped->offset, $sums->offset, 1e-5);
                self::assertEqualsWithDelta((float) $stepped->beyond, (float) $sums->beyond, 1e-4);
                // Stepping calls a ball at rest a little before it is.
                self::assertEqualsWithDelta($stepped->closest->speed(), $sums->closest->speed(), 4e-4);
                self::assertEqualsWithDelta((float) $stepped->rest?->x, (float) $sums->rest?->x, 1e-4);
                self::assertEqualsWithDelta((float) $stepped->rest?->y, (float) $sums->rest?->y, 1e-4);
                // Further on, steps are cut short and no longer 50 ms apart.
                self::assertEqualsWithDelta($stepped->path[2][0], $sums->path[2][0], 1e-6);
                self::assertEqualsWithDelta($stepped->path[2][1], $sums->path[2][1], 1e-6);
            });
    }

    public function testRoughStepsErrByLessThanATenthOfAMillimetreAtTheHole(): void
    {
        $this->limitTo(60)
            ->forAll(
                self::between(-2.0, 3.0),
                self::between(-3.0, 3.0),
                self::between(-0.15, 0.3),
                self::between(-0.2, 0.2),
            )
            ->then(static function (float $along, float $across, float $height, float $line): void {
                $surface = self::surface(9.0, $along, $across, Tier::of($height, 1.0, 1.5));
                $speed = 3.2;
                $fine = (new Roller($surface))->rollToHole($speed, $line, 5.0);
                $rough = (new Roller($surface, Roller::ROUGH_STEP))->rollToHole($speed, $line, 5.0);
                self::assertSame($fine->isLevelWithHole, $rough->isLevelWithHole);
                self::assertEqualsWithDelta($fine->offset, $rough->offset, 1e-4);
            });
    }

    public function testAFasterGreenRollsFurtherAndUphillShorter(): void
    {
        $this->forAll(self::between(4.0, 15.0), self::between(0.1, 1.0), self::between(-1.5, 6.0))->then(function (
            float $feet,
            float $more,
            float $percent,
        ): void {
            $roll = static fn(float $speed, float $grade): float => (float) (new LineRoll(
                GreenSpeed::ofFeet($speed),
                Grade::ofPercent($grade),
            ))->rollOf(GreenSpeed::ofFeet($speed)->metres());
            self::assertGreaterThan($roll($feet, $percent), $roll($feet + $more, $percent));
            self::assertLessThan($roll($feet, $percent), $roll($feet, $percent + $more));
        });
    }

    public function testATierTakesTheEnergyOfItsHeightWhereverItStands(): void
    {
        // On the straight line v² falls by 2 a0 D + 2 κ g h, whatever the shape of the climb.
        foreach ([[0.3, 1.2, 2.0], [0.15, 0.5, 3.3], [-0.2, 1.5, 1.0]] as [$height, $run, $start]) {
            $surface = self::surface(10.0, 0.0, 0.0, Tier::of($height, $run, $start));
            $square = 2 * $surface->deceleration * 9.0 + ((2 * 5) / 7) * 9.80665 * $height;
            $rest = (new Roller($surface))->roll(sqrt($square), 0.0, 6.0)->rest;
            self::assertEqualsWithDelta(9.0, (float) $rest?->x, 1e-4);
        }
    }

    public function testRollingWithTheGrainGoesFurtherThanAgainstIt(): void
    {
        $rest = static fn(float $degrees): float => (float) (new Roller(
            self::surface(10.0, 0.0, 0.0, null, Grain::of(0.1, $degrees)),
        ))->roll(2.0, 0.0, 8.0)->rest?->x;
        self::assertEqualsWithDelta(0.9 / 1.1, $rest(180.0) / $rest(0.0), 1e-6);
    }

    public function testABallThatNeverRestsIsSaidToHaveNone(): void
    {
        $trajectory = (new Roller(self::surface(10.0, -9.0, 0.0)))->roll(1.0, 0.0, 3.0);
        self::assertNull($trajectory->rest);
        self::assertTrue($trajectory->isLevelWithHole);
    }

    public function testAMirroredGreenMirrorsTheRoll(): void
    {
        $roller = new Roller(self::surface(11.0, -2.0, 3.0));
        $whole = $roller->trace(2.2, 0.1, 4.0);
        self::assertNotNull($whole->rest);
        $mirrored = (new Roller(self::surface(11.0, -2.0, -3.0)))->roll(2.2, -0.1, 4.0);
        self::assertEqualsWithDelta($whole->rest->x, (float) $mirrored->rest?->x, 1e-9);
        self::assertEqualsWithDelta(-$whole->rest->y, (float) $mirrored->rest?->y, 1e-9);
        self::assertEqualsWithDelta($whole->rest->y, $whole->path[count($whole->path) - 1][1], 1e-12);
    }
}
