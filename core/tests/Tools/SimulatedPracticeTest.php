<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Tools;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Tools\SimulatedPractice;
use PHPUnit\Framework\TestCase;

/** A simulated practice shows of a student what was put there, and asks of a ball only what a coach would. */
final class SimulatedPracticeTest extends TestCase
{
    /**
     * @param array<string, float> $changes
     *
     * @return list<array{Ball, bool}>
     */
    private static function balls(array $changes = [], int $n = 200, bool $isGateForAll = false): array
    {
        $student = SimulatedStudent::calibrated(0.3, 1.7, 0.06)->changed($changes);

        return (new SimulatedPractice(
            $student,
            GreenSpeed::ofFeet(9.5),
            new SeededRandom(2),
            0.062,
            $isGateForAll,
        ))->balls($n);
    }

    public function testGatedBallsAreAtAHoleAndOnLevelGroundTheOthersAtAPost(): void
    {
        foreach (self::balls() as [$ball, $isGated]) {
            self::assertSame($isGated, $ball->sight->has('gate'));
            self::assertSame(!$isGated, $ball->sight->has('start'));
            self::assertTrue($ball->stop !== Stop::Holed || $isGated);
            self::assertTrue(!$isGated || $ball->across->ratio() === 0.0);
            self::assertSame(
                $ball->across->ratio() !== 0.0 && $ball->stop !== Stop::Holed,
                $ball->sight->has('high_low'),
            );
        }
        self::assertNotContains(false, array_column(self::balls(n: 20, isGateForAll: true), 1));
        self::assertEquals(self::balls(n: 30), self::balls(n: 30));
    }

    public function testEachFaultShowsInWhatIsSeen(): void
    {
        $share = static fn(array $balls, \Closure $counts, \Closure $of): float => count(
            array_filter($balls, static fn(array $one): bool => $of($one[0]) && $counts($one[0])),
        ) / max(1, count(array_filter($balls, static fn(array $one): bool => $of($one[0]))));
        $gated = static fn(Ball $ball): bool => $ball->sight->has('gate');
        $breaking = static fn(Ball $ball): bool => $ball->sight->has('high_low');
        $right = static fn(Ball $ball): bool => $ball->sight->word('gate') === 'right';
        $low = static fn(Ball $ball): bool => $ball->sight->word('high_low') === 'low';
        $long = static fn(Ball $ball): bool => $ball->sight->word('call') === 'long';
        $all = static fn(Ball $ball): bool => true;
        self::assertGreaterThan(
            $share(self::balls(), $right, $gated) + 0.4,
            $share(self::balls(['faceBias' => 0.03]), $right, $gated),
        );
        self::assertGreaterThan(0.9, $share(self::balls(['readShare' => 0.4]), $low, $breaking));
        self::assertLessThan(0.1, $share(self::balls(['readShare' => 1.6]), $low, $breaking));
        self::assertGreaterThan(
            $share(self::balls(), $long, $all) + 0.3,
            $share(self::balls(['feelBias' => 0.2]), $long, $all),
        );
    }
}
