<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Roll;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\GaussLegendre;
use Amble\Core\Roll\Grain;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Roll\Tier;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** The ground itself: what holds a ball, how a step rises, what grain may be. */
final class GroundTest extends PropertyTestCase
{
    /** κ g in m/s² per unit of grade, and a0 at 10 ft: the grade that just holds a ball. */
    private const HOLDING_GRADE = 0.54864 / ((5 / 7) * 9.80665);

    private static function plane(float $along, float $across, ?Tier $tier = null): Ground
    {
        return new Ground(GreenSpeed::ofFeet(10.0), Grade::ofRatio($along), Grade::ofRatio($across), $tier);
    }

    public function testAPlaneHoldsABallUpToItsFriction(): void
    {
        self::assertTrue(self::plane(0.99 * self::HOLDING_GRADE, 0.0)->planeHolds());
        self::assertTrue(self::plane(-self::HOLDING_GRADE, 0.0)->planeHolds());
        self::assertFalse(self::plane(-1.01 * self::HOLDING_GRADE, 0.0)->planeHolds());
        // Along and across add up as the sides of a right angle.
        $part = self::HOLDING_GRADE / sqrt(2.0);
        self::assertTrue(self::plane(0.99 * $part, 0.99 * $part)->planeHolds());
        self::assertFalse(self::plane(1.01 * $part, -1.01 * $part)->planeHolds());
    }

    public function testATierHoldsNoBallOnItsFaceAndEveryBallBeyond(): void
    {
        $surface = self::plane(0.0, 0.0, Tier::of(0.3, 1.2, 2.0));
        self::assertTrue($surface->holdsAt(1.9));
        self::assertFalse($surface->holdsAt(2.6));
        self::assertTrue($surface->holdsAt(3.3));
        self::assertTrue($surface->planeHolds());
    }

    public function testATierRisesByItsHeightAndIsFlatAtItsEdges(): void
    {
        $this->forAll(self::between(-0.5, 0.5), self::between(0.5, 3.0), self::between(-2.0, 8.0))->then(function (
            float $height,
            float $run,
            float $start,
        ): void {
            $tier = Tier::of($height, $run, $start);
            $risen = 0.0;
            foreach (GaussLegendre::on($start, $tier->end(), 4) as [$x, $weight]) {
                $risen += $weight * $tier->slopeAt($x);
            }
            self::assertEqualsWithDelta($height, $risen, 1e-12);
            self::assertEqualsWithDelta(0.0, $tier->slopeAt($start), 1e-12);
            self::assertEqualsWithDelta(0.0, $tier->slopeAt($tier->end()), 1e-9);
            self::assertSame(0.0, $tier->slopeAt($start - 0.1));
            self::assertSame(0.0, $tier->slopeAt($tier->end() + 0.1));
            self::assertEqualsWithDelta(0.5 * $height, 0.5 * $tier->times(1.0)->height, 1e-12);
        });
    }

    public function testFlatteningLeavesSpeedAndGrainAndScalesTheRest(): void
    {
        $grain = Grain::of(0.1, 45.0);
        $surface = new Ground(
            GreenSpeed::ofFeet(9.0),
            Grade::ofPercent(2.0),
            Grade::ofPercent(-3.0),
            Tier::of(0.4, 1.0, 2.0),
            $grain,
        );
        $half = $surface->flattened(0.5);
        self::assertNear(1.0, $half->along->percent());
        self::assertNear(-1.5, $half->across->percent());
        self::assertNear(0.2, (float) $half->tier?->height);
        self::assertSame(2.0, $half->tier?->start);
        self::assertSame($grain, $half->grain);
        self::assertSame($surface->deceleration, $half->deceleration);
    }

    public function testGrainIsNoStrongerThanTheModelAllows(): void
    {
        self::assertNear(1.0, Grain::of(0.15, 0.0)->towardX);
        self::assertNear(1.0, Grain::of(0.1, 90.0)->towardY);
        foreach (
            [[0.151, 0.0, 'strength'], [-0.2, 0.0, 'strength'], [NAN, 0.0, 'strength'], [0.1, INF, 'direction_deg']]
            as [$k, $angle, $field]
        ) {
            try {
                Grain::of($k, $angle);
                self::fail("Grain $k at $angle was taken.");
            } catch (InvalidInput $refused) {
                self::assertSame("grain.$field", $refused->field());
            }
        }
    }

    public function testPlaysLikeAndRollUndoEachOther(): void
    {
        $this->forAll(self::between(5.0, 14.0), self::between(-3.0, 8.0), self::between(0.2, 20.0))->then(function (
            float $feet,
            float $percent,
            float $metres,
        ): void {
            $line = new LineRoll(GreenSpeed::ofFeet($feet), Grade::ofPercent($percent));
            $level = $line->playsLike(Length::ofMetres($metres));
            if ($level === null) {
                self::assertFalse($line->stops());

                return;
            }
            self::assertNear($metres, (float) $line->rollOf($level), 1e-9);
            self::assertSame($percent > 0.0, $level > $metres);
        });
    }

    public function testWhereNoBallStopsThereIsNoFigure(): void
    {
        $line = new LineRoll(GreenSpeed::ofFeet(12.0), Grade::ofPercent(-9.0));
        self::assertFalse($line->stops());
        self::assertNull($line->startSpeed(Length::ofMetres(3.0)));
        self::assertNull($line->playsLike(Length::ofMetres(3.0)));
        self::assertNull($line->rollOf(3.0));
    }
}
