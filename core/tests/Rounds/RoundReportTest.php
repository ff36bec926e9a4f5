<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Rounds;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Rounds\BenchmarkFigure;
use Amble\Core\Rounds\FirstPutts;
use Amble\Core\Rounds\Hole;
use Amble\Core\Rounds\PlayedRound;
use Amble\Core\Rounds\RoundReport;
use Amble\Core\Rounds\Stakes;
use Amble\Core\Rounds\StakesMissing;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Tests\Review\BallFixtures;
use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;

/** What rounds cost, and what would save most. */
final class RoundReportTest extends PropertyTestCase
{
    private static function hole(?float $first, ?int $putts, bool $isExtreme = false, ?float $leave = null): Hole
    {
        $length = static fn(?float $metres): ?Length => $metres === null ? null : Length::ofMetres($metres);

        return Hole::of($length($first), $putts, $length($leave), null, $isExtreme);
    }

    public function testThreePuttsArePricedAndThoseThatShouldNotComeAreFlagged(): void
    {
        $round = new PlayedRound(
            [
                self::hole(5.0, 3),
                self::hole(5.0, 3, isExtreme: true),
                self::hole(12.0, 3),
                self::hole(4.0, 4),
                self::hole(null, 3),
                self::hole(2.0, 1),
                self::hole(2.0, null),
                self::hole(8.0, 2, leave: 0.8),
                self::hole(3.0, 0),
            ],
            true,
        );
        $look = RoundReport::of([$round], Length::ofMetres(6.0));
        self::assertSame(
            [8, 19, 1, 4, 1, 6, 2, 1],
            [
                $look->holes,
                $look->putts,
                $look->onePutts,
                $look->threePutts,
                $look->fourPutts,
                $look->strokesLost,
                $look->avoidable,
                $look->fromMemory,
            ],
        );
        self::assertEqualsWithDelta((18 * 19) / 8, $look->per18($look->putts), 1e-9);
        self::assertNull(RoundReport::of([$round], null)->avoidable);
        self::assertNull(RoundReport::of([], null)->per18(0));
        self::assertSame(0.8, $look->classes[count($look->classes) - 2]->meanLeave);
    }

    public function testFirstPuttsSetTheBandOnceTheyAreEnough(): void
    {
        $holes = array_map(static fn(int $i): Hole => self::hole($i / 2, 2), range(1, 20));
        $first = FirstPutts::of($holes, Unit::Metres);
        self::assertSame([2.5, 8.0], $first->band());
        self::assertSame(20.0, array_sum(array_column($first->mix(), 1)));
        $few = FirstPutts::of(array_slice($holes, 0, 17), Unit::Feet);
        self::assertSame([null, 17], [$few->band(), count($few->lengths)]);
        self::assertCount(8, $few->mix());
        self::assertEqualsWithDelta(3 * 0.3048, $few->classes()[0][1], 1e-12);
    }

    /** From a long tap-in to a long one, each about as many times longer than the one before. */
    public function testForWantOfRoundsLengthsAreSpreadEvenlyInRatio(): void
    {
        $first = FirstPutts::of([], Unit::Metres);
        $lengths = array_map(static fn(array $part): float => $part[0]->metres(), $first->mix());
        self::assertSame(FirstPutts::evenSpread(), [$lengths[0], $lengths[count($lengths) - 1]]);
        foreach (array_slice($lengths, 1) as $i => $length) {
            self::assertEqualsWithDelta(1.36, $length / $lengths[$i], 0.15);
        }
        self::assertSame([1.0], array_values(array_unique(array_column($first->mix(), 1))));
        self::assertSame([18, false], [$first->wanting(), $first->areEnough()]);
        $holes = static fn(int $n): FirstPutts => FirstPutts::of(array_fill(0, $n, self::hole(3.0, 2)), Unit::Metres);
        self::assertSame(
            [1, false, 0, true],
            [$holes(17)->wanting(), $holes(17)->areEnough(), $holes(18)->wanting(), $holes(18)->areEnough()],
        );
        self::assertSame(0, $holes(30)->wanting());
    }

    public function testAHoleThatShouldNotComeIsOneInsideTheLengthAndNotExtreme(): void
    {
        $inside = Length::ofMetres(6.0);
        self::assertTrue(RoundReport::isAvoidable(self::hole(6.0, 3), $inside));
        self::assertTrue(RoundReport::isAvoidable(self::hole(1.0, 4), $inside));
        foreach (
            [
                self::hole(6.01, 3),
                self::hole(5.0, 2),
                self::hole(5.0, 3, isExtreme: true),
                self::hole(null, 3),
                self::hole(5.0, null),
            ]
            as $hole
        ) {
            self::assertFalse(RoundReport::isAvoidable($hole, $inside));
        }
    }

    public function testClassesHoldEveryFirstPuttOnce(): void
    {
        for ($seed = 1; $seed <= 30; ++$seed) {
            $random = new SeededRandom($seed);
            $holes = array_map(
                static fn(): Hole => self::hole(0.1 + 20 * $random->uniform(), 1 + (int) (3 * $random->uniform())),
                range(1, 1 + (int) (60 * $random->uniform())),
            );
            foreach (Unit::cases() as $unit) {
                $look = RoundReport::of([new PlayedRound($holes, false)], null, $unit);
                self::assertSame(
                    count($holes),
                    array_sum(array_map(static fn($class): int => $class->n, $look->classes)),
                );
                foreach ($look->classes as $class) {
                    $in = array_filter(
                        $holes,
                        static fn(Hole $hole): bool => $hole->first?->metres() > $class->low &&
                            $hole->first->metres() <= ($class->high ?? INF),
                    );
                    self::assertCount($class->n, $in);
                    $share = static fn(int $putts): float => count(
                        array_filter($in, static fn(Hole $hole): bool => $hole->putts === $putts),
                    ) / count($in);
                    self::assertEqualsWithDelta([$share(1), $share(3)], [$class->onePutt, $class->threePutt], 1e-12);
                    self::assertTrue(
                        $class->onePuttInterval->contains($class->onePutt) &&
                            $class->threePuttInterval->contains($class->threePutt),
                    );
                }
            }
        }
    }

    public function testWhatIsAtStakeFollowsTheStudentsOwnFault(): void
    {
        $speed = GreenSpeed::ofFeet(9.5);
        $first = FirstPutts::of([], Unit::Feet);
        $top = static function (array $changes) use ($speed, $first): string {
            $stakes = Stakes::of(BallFixtures::asked(BallFixtures::practice(160, $changes, 4)), $speed, $first);
            self::assertInstanceOf(Stakes::class, $stakes);
            self::assertGreaterThan(18.0, $stakes->atStake->expectedPer18);

            return (string) array_key_first($stakes->atStake->stakes);
        };
        self::assertSame(
            'line_spread',
            $top(['lineSpread' => 0.05, 'strikeScatter' => 0.04, 'backstrokeScatter' => 0.02]),
        );
        self::assertSame(
            'pace_spread',
            $top(['lineSpread' => 0.012, 'strikeScatter' => 0.2, 'backstrokeScatter' => 0.08]),
        );
        self::assertSame(StakesMissing::Pace, Stakes::of(BallFixtures::asked([BallFixtures::one()]), $speed, $first));
        $noGate = array_map(static fn(int $i) => BallFixtures::one(3.0 + 0.1 * ($i % 3)), range(1, 20));
        self::assertSame(StakesMissing::StartLine, Stakes::of(BallFixtures::asked($noGate), $speed, $first));
        // Told by eye, however often and on whichever side, a start has no angle: it makes no skill.
        $byEye = array_map(
            static fn(int $i) => BallFixtures::one(
                3.0 + 0.1 * ($i % 3),
                seen: ['start' => ['left', 'on', 'right'][$i % 3]],
            ),
            range(1, 40),
        );
        self::assertSame(StakesMissing::StartLine, Stakes::of(BallFixtures::asked($byEye), $speed, $first));
        // A sensor's angles do, without any gate; eleven of them are one too few.
        $measured = static fn(int $n): array => array_map(
            static fn(int $i) => BallFixtures::one(
                3.0 + 0.1 * ($i % 3),
                seen: ['start_deg' => [-1.2, 0.1, 1.0][$i % 3]],
            ),
            range(1, $n),
        );
        self::assertInstanceOf(Stakes::class, Stakes::of(BallFixtures::asked($measured(20)), $speed, $first));
        $mixed = [...$measured(11), ...$noGate];
        self::assertSame(StakesMissing::StartLine, Stakes::of(BallFixtures::asked($mixed), $speed, $first));
        self::assertInstanceOf(
            Stakes::class,
            Stakes::of(BallFixtures::asked([...$measured(12), ...$noGate]), $speed, $first),
        );
    }

    public function testAMisreadAddsToTheStartLineInQuadrature(): void
    {
        $speed = GreenSpeed::ofFeet(9.5);
        $first = FirstPutts::of([], Unit::Feet);
        $balls = array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.0 + 0.2 * (($i % 3) - 1),
                3.0,
                ['gate' => ['through', 'left', 'through', 'right'][$i % 4]],
                gate: BallFixtures::GATE,
            ),
            range(1, 40),
        );
        $read = static fn(array $called): array => array_map(
            static fn(float $amount): RolledBall => BallFixtures::one(
                3.0,
                3.0,
                ['read_side' => 'left', 'read_amount_m' => $amount],
                across: 2.0,
                isAtHole: true,
            ),
            $called,
        );
        $wide = $read([0.1, 0.5, 0.1, 0.5, 0.1, 0.5, 0.1, 0.5]);
        $angle = sqrt(
            (float) Sample::variance(
                array_map(
                    static fn(RolledBall $ball): float => atan(
                        (float) $ball->ball->sight->number('read_amount_m') / 3.0,
                    ),
                    $wide,
                ),
            ),
        );
        $of = static fn(array $some): Stakes|StakesMissing => Stakes::of(BallFixtures::asked($some), $speed, $first);
        [$without, $few, $with] = [
            $of($balls),
            $of([...$balls, ...array_slice($wide, 0, 7)]),
            $of([...$balls, ...$wide]),
        ];
        self::assertInstanceOf(Stakes::class, $without);
        self::assertInstanceOf(Stakes::class, $few);
        self::assertInstanceOf(Stakes::class, $with);
        self::assertSame([null, null], [$without->readSpread, $few->readSpread]);
        self::assertEqualsWithDelta($angle, $with->readSpread, 0.01);
        self::assertGreaterThan($few->atStake->expectedPer18 + 0.5, $with->atStake->expectedPer18);
        self::assertGreaterThan($few->atStake->stakes['line_spread'], $with->atStake->stakes['line_spread']);
    }

    public function testABenchmarkStandsBesideTheStudentsOwnFigure(): void
    {
        $look = RoundReport::of(
            [new PlayedRound([self::hole(2.0, 1), self::hole(2.0, 2), self::hole(9.0, 3)], false)],
            null,
        );
        self::assertSame(36.0, BenchmarkFigure::Putts->own($look, null));
        self::assertSame(6.0, BenchmarkFigure::ThreePutts->own($look, null));
        self::assertSame(0.5, BenchmarkFigure::Holed->own($look, Length::ofMetres(2.2)));
        self::assertSame(1.0, BenchmarkFigure::ThreePuttShare->own($look, Length::ofMetres(9.0)));
        self::assertNull(BenchmarkFigure::Holed->own($look, Length::ofMetres(15.0)));
    }
}
