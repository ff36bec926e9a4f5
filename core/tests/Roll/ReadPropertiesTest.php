<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Roll;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Roll\AimSolution;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Grain;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\Tier;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** What must be so of every read, whatever the green. */
final class ReadPropertiesTest extends PropertyTestCase
{
    private static function read(
        float $feet,
        float $along,
        float $across,
        float $metres,
        float $pace = 0.3,
        ?Tier $tier = null,
        ?Grain $grain = null,
    ): AimSolution {
        $surface = new Ground(
            GreenSpeed::ofFeet($feet),
            Grade::ofPercent($along),
            Grade::ofPercent($across),
            $tier,
            $grain,
        );

        return (new AimSolver($surface, Length::ofMetres($metres), $pace))->read();
    }

    public function testOnTheLevelTheReadIsStraightAndPlaysItsLengthAndPace(): void
    {
        $this->limitTo(40)
            ->forAll(self::between(5.0, 14.0), self::between(0.5, 15.0), self::between(0.0, 1.0))
            ->then(function (float $feet, float $metres, float $pace): void {
                $read = self::read($feet, 0.0, 0.0, $metres, $pace);
                self::assertEqualsWithDelta(0.0, (float) $read->startLine(), 1e-6);
                self::assertEqualsWithDelta($metres + $pace, (float) $read->playsLike(), 2e-5);
            });
    }

    public function testAFasterGreenWantsASlowerStartAndBreaksMore(): void
    {
        $this->limitTo(30)
            ->forAll(self::between(7.0, 10.5), self::between(0.5, 1.8), self::between(2.0, 8.0))
            ->then(function (float $feet, float $across, float $metres): void {
                [$slow, $fast] = [
                    self::read($feet, 0.0, $across, $metres),
                    self::read($feet + 1.5, 0.0, $across, $metres),
                ];
                self::assertLessThan($slow->startSpeed(), $fast->startSpeed());
                self::assertGreaterThan($slow->startLine(), $fast->startLine());
            });
    }

    public function testUphillPlaysLongerAndDownhillBreaksMore(): void
    {
        $this->limitTo(30)
            ->forAll(self::between(0.3, 2.0), self::between(0.5, 1.5), self::between(2.0, 8.0))
            ->then(function (float $along, float $across, float $metres): void {
                [$up, $down] = [self::read(9.0, $along, $across, $metres), self::read(9.0, -$along, $across, $metres)];
                self::assertGreaterThan($metres + 0.3, $up->playsLike());
                self::assertLessThan($up->playsLike(), $down->playsLike());
                self::assertGreaterThan($up->startLine(), $down->startLine());
            });
    }

    public function testASteeperSideSlopeBreaksMore(): void
    {
        $this->limitTo(30)
            ->forAll(self::between(0.2, 2.0), self::between(0.2, 0.8), self::between(1.5, 8.0))
            ->then(function (float $across, float $more, float $metres): void {
                $line = static fn(float $percent): float => (float) self::read(
                    10.0,
                    0.0,
                    $percent,
                    $metres,
                )->startLine();
                self::assertGreaterThan($line($across), $line($across + $more));
            });
    }

    public function testAimInHolesIsTheOffsetOverAHolesWidth(): void
    {
        $read = self::read(10.0, 0.5, 1.5, 4.0);
        self::assertNear((float) $read->aimOffset() / 0.108, (float) $read->aimInHoles());
        self::assertNear(4.0 * tan((float) $read->startLine()), (float) $read->aimOffset());
    }

    public function testGrainAcrossPushesLikeNoSlopeButGrainWithFreesTheBall(): void
    {
        $speed = static fn(float $degrees): float => (float) self::read(
            10.0,
            0.0,
            0.0,
            5.0,
            0.3,
            null,
            Grain::of(0.12, $degrees),
        )->startSpeed();
        self::assertLessThan($speed(90.0), $speed(0.0));
        self::assertGreaterThan($speed(90.0), $speed(180.0));
        // Grain scales the drag along the ball's way; it has no force across it.
        self::assertEqualsWithDelta(
            0.0,
            (float) self::read(10.0, 0.0, 0.0, 5.0, 0.3, null, Grain::of(0.12, 90.0))->startLine(),
            1e-6,
        );
    }

    public function testATierBeforeTheHoleAddsItsHeightToTheStart(): void
    {
        $this->limitTo(30)
            ->forAll(self::between(0.05, 0.5), self::between(0.5, 2.0), self::between(0.2, 3.0))
            ->then(function (float $height, float $run, float $start): void {
                $up = self::read(10.0, 0.0, 0.0, 7.0, 0.3, Tier::of($height, $run, $start));
                $flat = self::read(10.0, 0.0, 0.0, 7.0, 0.3);
                $gained = ((float) $up->startSpeed()) ** 2 - ((float) $flat->startSpeed()) ** 2;
                self::assertEqualsWithDelta(((2 * 5) / 7) * 9.80665 * $height, $gained, 1e-3);
                self::assertEqualsWithDelta((float) $flat->speedAtHole(), (float) $up->speedAtHole(), 1e-3);
            });
    }
}
