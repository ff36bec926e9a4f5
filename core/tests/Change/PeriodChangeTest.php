<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Change;

use Amble\Core\Change\ChangeCall;
use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Change\WithinSession;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Numeric\StudentT;
use Amble\Core\Tests\PropertyTestCase;

/** A change over sessions, and one within a session. */
final class PeriodChangeTest extends PropertyTestCase
{
    /** @return list<SessionFigure> */
    private static function figures(float ...$values): array
    {
        return array_map(
            static fn(float $value): SessionFigure => SessionFigure::of($value, 0.02),
            array_values($values),
        );
    }

    public function testTwoSessionsDifferByTheShippedDayToDaySpreadAndFourDegrees(): void
    {
        $change = PeriodChange::of(self::figures(0.0), self::figures(-0.2), 0.05);
        self::assertNear(-0.2, $change->difference);
        self::assertNear(0.05, $change->tau);
        self::assertNear(sqrt(2 * (0.0004 + 0.0025)), $change->standardError, 1e-12);
        self::assertNear(
            StudentT::halfWidth(0.8, 4) * $change->standardError,
            $change->interval(0.8)->high + 0.2,
            1e-9,
        );
        self::assertSame('probably shorter', substr($change->inWords('longer', 'shorter'), 0, 16));
    }

    /** A claim in sessions: one session fewer would not make it clear, and beyond six nothing is promised. */
    public function testTheFurtherSessionsNamedAreTheFewestThatMakeItClear(): void
    {
        $named = [];
        foreach (range(1, 60) as $step) {
            [$earlier, $difference] = [self::figures(0.01, -0.01, 0.0, 0.005), 0.002 * $step];
            $change = PeriodChange::of($earlier, self::figures($difference, $difference), 0.05);
            $tau2 = $change->tau ** 2;
            $half = static fn(int $more): float => StudentT::halfWidth(0.95, 6 + $more + 2) *
                sqrt(($tau2 + 0.0004) / 4 + ($tau2 + 0.0004) / (2 + $more));
            $further = $change->furtherSessions();
            if ($change->call() === ChangeCall::Clear) {
                self::assertNull($further);
                self::assertSame('clearly longer', $change->inWords('longer', 'shorter'));
            } elseif ($further === null) {
                self::assertLessThanOrEqual($half(PeriodChange::MOST_FURTHER_SESSIONS), abs($change->difference));
                self::assertStringNotContainsString('more session', $change->inWords('longer', 'shorter'));
            } else {
                self::assertLessThanOrEqual(PeriodChange::MOST_FURTHER_SESSIONS, $further);
                self::assertGreaterThan($half($further), abs($change->difference));
                self::assertLessThanOrEqual($half($further - 1), abs($change->difference));
                $named[$further] = true;
            }
        }
        self::assertArrayHasKey(1, $named);
        self::assertArrayHasKey(6, $named);
    }

    /** Must hold: of unchanged students "clearly" is said of at most 5 %, "clearly" or "probably" of at most 20 %. */
    public function testAnUnchangedStudentWhoseDaysDifferIsSeldomToldOfAChange(): void
    {
        $random = new SeededRandom(81);
        [$clear, $probable, $n] = [0, 0, 2000];
        for ($i = 0; $i < $n; ++$i) {
            $session = static fn(): SessionFigure => SessionFigure::of(
                0.05 * $random->normal() + (0.1 / sqrt(20)) * $random->normal(),
                0.1 / sqrt(20),
            );
            $call = PeriodChange::of(
                [$session(), $session(), $session(), $session()],
                [$session(), $session()],
                PeriodChange::PACE,
            )->call();
            $clear += $call === ChangeCall::Clear ? 1 : 0;
            $probable += $call === ChangeCall::None ? 0 : 1;
        }
        self::assertLessThan(0.06, $clear / $n);
        self::assertGreaterThan(0.02, $clear / $n);
        self::assertLessThan(0.21, $probable / $n);
    }

    public function testAStepIsFoundWhereItIsAndStationsRolledOneAfterTheOtherTellNone(): void
    {
        $random = new SeededRandom(83);
        $balls = array_map(
            static fn(int $i): array => [
                ($i > 22 ? -0.15 : 0.0) + 0.1 * ($i % 2) + 0.04 * $random->normal(),
                'station ' . $i % 2,
            ],
            range(1, 40),
        );
        $within = WithinSession::of($balls);
        self::assertTrue($within->isRemarkable());
        self::assertEqualsWithDelta(22, $within->split, 1.0);
        self::assertEqualsWithDelta(-0.15, $within->step, 0.04);
        self::assertTrue($within->range()?->contains(-0.13));
        // The station tells all of it: no step is told apart from it.
        $oneAfterTheOther = array_map(
            static fn(int $i): array => [$i > 10 ? -0.3 : 0.0, $i > 10 ? 'b' : 'a'],
            range(1, 20),
        );
        self::assertNull(WithinSession::of($oneAfterTheOther)->t);
        self::assertNull(WithinSession::of(array_slice($balls, 0, 15))->split);
        self::assertNull(WithinSession::of(array_fill(0, 20, [0.1, 'a']))->split);
        self::assertSame($within->t, WithinSession::after($balls, (int) $within->split)?->t);
        self::assertNull(WithinSession::after($balls, 3));
    }

    /** With few degrees a large t is less than it seems. */
    public function testTheNormalScoreIsAsUnlikelyAsTheT(): void
    {
        $balls = static fn(int $stations): array => array_map(
            static fn(int $i): array => [($i > 10 ? -0.2 : 0.0) + 0.05 * sin(7 * $i), (string) ($i % $stations)],
            range(1, 20),
        );
        [$few, $many] = [WithinSession::of($balls(8)), WithinSession::of($balls(1))];
        self::assertLessThan(abs((float) $few->t), $few->normalScore());
        self::assertLessThan(abs((float) $many->t), $many->normalScore());
        self::assertGreaterThan(abs((float) $few->t) - $few->normalScore(), abs((float) $few->t));
        self::assertSame(0.0, WithinSession::of([])->normalScore());
    }
}
