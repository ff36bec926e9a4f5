<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Roll;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Physics;
use Amble\Core\Roll\AimSolution;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Capture;
use Amble\Core\Roll\Grain;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\MakeWindow;
use Amble\Core\Roll\NoAimReason;
use Amble\Core\Roll\Roller;
use Amble\Core\Roll\Tier;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;

final class AimSolverTest extends PropertyTestCase
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

    private static function read(Ground $surface, float $metres, float $pace): AimSolution
    {
        return (new AimSolver($surface, Length::ofMetres($metres), $pace))->read();
    }

    public function testASolvedReadRollsOverTheCentreAndRunsOutItsPace(): void
    {
        $this->limitTo(60)
            ->forAll(
                self::between(7.0, 12.0),
                self::between(-2.5, 4.0),
                self::between(-3.0, 3.0),
                self::between(1.0, 10.0),
                self::between(0.0, 0.6),
                self::between(-0.3, 0.4),
            )
            ->then(function (
                float $feet,
                float $along,
                float $across,
                float $metres,
                float $pace,
                float $height,
            ): void {
                $surface = self::surface(
                    $feet,
                    $along,
                    $across,
                    $height > 0.1 ? Tier::of($height, 1.5, 0.3 * $metres) : null,
                );
                $read = self::read($surface, $metres, $pace);
                if (!$read->isSolved()) {
                    self::assertContains($read->reason, NoAimReason::cases());

                    return;
                }
                $trajectory = (new Roller($surface))->roll(
                    (float) $read->startSpeed(),
                    (float) $read->startLine(),
                    $metres,
                );
                self::assertEqualsWithDelta(0.0, $trajectory->offset, 1e-4);
                self::assertEqualsWithDelta($pace, (float) $trajectory->beyond, 1e-4);
                self::assertTrue($surface->holdsAt((float) $trajectory->rest?->x));
            });
    }

    public function testAMirroredGreenMirrorsTheRead(): void
    {
        $this->limitTo(30)
            ->forAll(self::between(-2.0, 3.0), self::between(0.2, 3.0), self::between(2.0, 9.0))
            ->then(function (float $along, float $across, float $metres): void {
                $right = self::read(self::surface(10.0, $along, $across), $metres, 0.3);
                $left = self::read(self::surface(10.0, $along, -$across), $metres, 0.3);
                self::assertEqualsWithDelta((float) $right->startLine(), -(float) $left->startLine(), 1e-7);
                self::assertEqualsWithDelta((float) $right->startSpeed(), (float) $left->startSpeed(), 1e-7);
                // The ball falls away from the high side, so the start line lies toward it.
                self::assertGreaterThan(0.0, $right->startLine());
            });
    }

    public function testFirmerIsStraighter(): void
    {
        $line = static fn(float $pace): float => (float) self::read(
            self::surface(10.0, 0.0, 2.0),
            5.0,
            $pace,
        )->startLine();
        self::assertGreaterThan($line(0.3), $line(0.05));
        self::assertGreaterThan($line(0.8), $line(0.3));
    }

    /** @param array{float, float, float}|null $tier */
    #[DataProvider('refused')]
    public function testARefusalGivesItsReason(
        NoAimReason $reason,
        float $along,
        float $across,
        ?array $tier,
        float $pace,
    ): void {
        $surface = self::surface(10.0, $along, $across, $tier === null ? null : Tier::of(...$tier));
        $read = self::read($surface, 4.0, $pace);
        self::assertSame($reason, $read->reason);
        self::assertNull($read->startLine());
        self::assertNull($read->playsLike());
    }

    /** @return iterable<string, array{NoAimReason, float, float, array{float, float, float}|null, float}> */
    public static function refused(): iterable
    {
        yield 'down a slope that holds no ball' => [NoAimReason::RunsAway, -9.0, 0.0, null, 0.3];
        yield 'up a slope that rolls it back' => [NoAimReason::RunsAway, 9.0, 0.0, null, 0.3];
        yield 'across a slope that holds no ball' => [NoAimReason::RunsAway, 0.0, 9.0, null, 0.3];
        yield 'down a step the ball cannot be slowed on' => [NoAimReason::CannotHold, 0.0, 0.0, [-0.3, 1.2, 2.5], 0.3];
        yield 'stopping on the face of a step' => [NoAimReason::RunsAway, 0.0, 0.0, [0.5, 1.0, 4.0], 0.4];
        yield 'a step down right behind the hole' => [NoAimReason::NoLine, 0.0, 0.0, [-0.5, 0.6, 4.2], 0.6];
    }

    public function testNearTheEdgeOfRunningAwayTheReadIsStillRight(): void
    {
        // a = a0 + κ g s with a0 = 0.54864 at 10 ft: −7.8 % leaves 0.0023 m/s².
        $read = self::read(self::surface(10.0, -7.8, 0.0), 3.0, 0.3);
        self::assertTrue($read->isSolved());
        self::assertNear(sqrt(2 * (0.54864 - (5 / 7) * 9.80665 * 0.078) * 3.3), (float) $read->startSpeed(), 1e-4);
    }

    public function testAMetreAndFortyMetresAreBothRead(): void
    {
        foreach ([[0.03, 4.0], [0.03, 16.0], [40.0, 4.0], [40.0, 16.0]] as [$metres, $feet]) {
            $read = self::read(self::surface($feet, 0.5, 0.5), $metres, 0.3);
            self::assertTrue($read->isSolved(), "$metres m at $feet ft");
            self::assertTrue(is_finite((float) $read->aimOffset()));
        }
    }

    public function testTheMakeWindowHoldsTheReadAndNarrowsWithSpeed(): void
    {
        $surface = self::surface(10.0, 1.0, 2.0);
        $read = self::read($surface, 4.0, 0.3);
        $bands = MakeWindow::around($surface, Length::ofMetres(4.0), $read)->bands;
        self::assertGreaterThanOrEqual(6, count($bands));
        $roller = new Roller($surface);
        foreach ($bands as $i => $band) {
            self::assertLessThan($band->centre, $band->leftmost);
            self::assertGreaterThan($band->centre, $band->rightmost);
            $inside = fn(float $share): bool => $roller
                ->rollToHole($band->startSpeed, $band->centre + $share * ($band->rightmost - $band->centre), 4.0)
                ->isHoled();
            self::assertTrue($inside(0.97));
            self::assertFalse($inside(1.05));
            if ($i >= 2) {
                self::assertLessThan($bands[$i - 1]->width(), $band->width());
            }
        }
        self::assertGreaterThan(0.95 * Physics::CAPTURE_SPEED, $bands[count($bands) - 1]->speedAtHole);
    }

    public function testThePathLeadsFromTheBallOverTheHoleToRest(): void
    {
        $reader = new AimSolver(self::surface(10.0, 0.5, 2.0), Length::ofMetres(5.0), 0.4);
        $path = $reader->path($reader->read());
        self::assertSame([0.0, 0.0], $path[0]);
        $nearest = min(array_map(static fn(array $point): float => hypot($point[0] - 5.0, $point[1]), $path));
        self::assertLessThan(0.03, $nearest);
        // The ball breaks: it leaves to the high side and comes back.
        self::assertGreaterThan(0.1, max(array_column($path, 1)));
        self::assertGreaterThan(5.2, $path[count($path) - 1][0]);
        $steep = new AimSolver(self::surface(10.0, -9.0, 0.0), Length::ofMetres(4.0), 0.3);
        self::assertSame([], $steep->path($steep->read()));
    }

    public function testTheHoleCatchesAsPublished(): void
    {
        self::assertTrue(Capture::catches(0.0, 1.63));
        self::assertFalse(Capture::catches(0.0, 1.64));
        self::assertTrue(Capture::catches(0.027, 0.75 * 1.63 - 1e-9));
        self::assertFalse(Capture::catches(-0.055, 0.0));
        self::assertNear(0.027, (float) Capture::offsetLimit(0.75 * 1.63));
        self::assertNull(Capture::offsetLimit(1.7));
    }
}
