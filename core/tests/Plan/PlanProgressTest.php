<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Plan;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Plan\Block;
use Amble\Core\Plan\BlockKind;
use Amble\Core\Plan\Plan;
use Amble\Core\Plan\PlanProgress;
use Amble\Core\Plan\Rota;
use Amble\Core\Plan\SessionProgress;
use Amble\Core\Tests\PropertyTestCase;
use Eris\Generators;

final class PlanProgressTest extends PropertyTestCase
{
    /** @param array<string, array{minutes: float, is_over: bool}> $drills */
    private static function progress(
        float $minutes,
        array $drills = [],
        bool $isMeasured = true,
        bool $isEnded = false,
        bool $isGateLocked = false,
        bool $isPressDropped = false,
    ): PlanProgress {
        $plan = new Plan(40, [
            new Block('m', BlockKind::Measure, null, 'Measure the green', 4, null, 'w'),
            new Block('l', BlockKind::Line, 'gate', 'The gate', 10, 30, 'w', $isGateLocked),
            new Block('p', BlockKind::Pace, 'ladder', 'The ladder', 12, 30, 'w'),
            new Block('x', BlockKind::Pressure, 'press', 'The press', 10, 30, 'w', isDropped: $isPressDropped),
            new Block('c', BlockKind::Close, 'home', 'Home', 4, 12, 'w'),
        ]);

        return PlanProgress::of($plan, new SessionProgress($minutes, $isMeasured, 0, $drills, [], $isEnded));
    }

    public function testWhatIsDoneAndNextIsFoundFromWhatHappened(): void
    {
        $begun = self::progress(0.4, isMeasured: false);
        self::assertSame(['m', 'to_come', '39 of 40 minutes left.'], [$begun->next, $begun->states['m'], $begun->says]);
        $on = self::progress(9.0, ['gate' => ['minutes' => 4.0, 'is_over' => false]]);
        self::assertSame(['l', 'done', 'now', 4.0], [$on->next, $on->states['m'], $on->states['l'], $on->took['l']]);
        self::assertSame([[], 0.0], [$on->letGo, $on->over - 1.0]);
        $done = array_fill_keys(['gate', 'ladder', 'press', 'home'], ['minutes' => 8.0, 'is_over' => true]);
        self::assertSame(
            [null, 'All blocks are done.'],
            [self::progress(39.0, $done)->next, self::progress(39.0, $done)->says],
        );
    }

    public function testTheLeastWorthGoesFirstWhereTimeRunsShortAndNothingLockedOrBegun(): void
    {
        // 36 minutes are to come with 30 left.
        $short = self::progress(10.0);
        self::assertSame([['x'], '6 minutes too many: “The press” matters least.'], [$short->letGo, $short->says]);
        self::assertSame([], self::progress(10.0, isPressDropped: true)->letGo);
        self::assertSame(
            [['x', 'p', 'l'], '26 minutes too many: “The press” matters least, then 2 more.'],
            [self::progress(30.0)->letGo, self::progress(30.0)->says],
        );
        self::assertSame(['x', 'p', 'c'], self::progress(39.0, isGateLocked: true)->letGo);
        self::assertSame(['x', 'l'], self::progress(26.0, ['ladder' => ['minutes' => 2.0, 'is_over' => false]])->letGo);
    }

    public function testAtTheEndItIsHeldAgainstWhatHappened(): void
    {
        $ended = self::progress(
            52.4,
            ['gate' => ['minutes' => 14.0, 'is_over' => true], 'ladder' => ['minutes' => 20.0, 'is_over' => true]],
            isEnded: true,
            isPressDropped: true,
        );
        self::assertSame('Planned 40 minutes, took 52; 3 of 5 blocks were done.', $ended->says);
        self::assertSame(
            [null, [], 'dropped', 'to_come'],
            [$ended->next, $ended->letGo, $ended->states['x'], $ended->states['c']],
        );
    }

    public function testAnEndedSessionIsOverNothing(): void
    {
        self::assertSame(
            [0.0, 0.0],
            [self::progress(40.0, isEnded: true)->over, self::progress(55.0, isEnded: true)->left],
        );
        self::assertEqualsWithDelta(36.0, self::progress(40.0)->over, 1e-9);
        self::assertSame([], self::progress(40.0, isEnded: true)->letGo);
    }

    /** What is let go is enough, and one fewer would not be. */
    public function testNoMoreIsLetGoThanTimeAsksFor(): void
    {
        $this->limitTo(200)
            ->forAll(self::between(0.0, 40.0), Generators::elements(true, false))
            ->then(static function (float $minutes, bool $isGateLocked): void {
                $progress = self::progress($minutes, isGateLocked: $isGateLocked);
                $takes = ['l' => 10, 'p' => 12, 'x' => 10, 'c' => 4];
                self::assertEqualsWithDelta(max(0.0, 36.0 - (40.0 - $minutes)), $progress->over, 1e-9);
                $gone = array_sum(array_map(static fn(string $id): int => $takes[$id], $progress->letGo));
                if ($progress->letGo !== []) {
                    $last = $progress->letGo[count($progress->letGo) - 1];
                    self::assertLessThan($progress->over, $gone - $takes[$last]);
                    if (count($progress->letGo) < ($isGateLocked ? 3 : 4)) {
                        self::assertGreaterThanOrEqual($progress->over - 2.0, $gone);
                    }
                }
                self::assertNotContains($isGateLocked ? 'l' : 'm', $progress->letGo);
                foreach (array_slice($progress->letGo, 0, -1) as $i => $id) {
                    self::assertLessThanOrEqual(self::worth($progress->letGo[$i + 1]), self::worth($id));
                }
            });
    }

    private static function worth(string $id): int
    {
        return ['l' => BlockKind::Line, 'p' => BlockKind::Pace, 'x' => BlockKind::Pressure, 'c' => BlockKind::Close][
            $id
        ]->worth();
    }

    /** Measuring and going home on a few that drop are let go last, what only adds is let go first. */
    public function testWhatASessionRestsOnIsWorthMost(): void
    {
        $kinds = BlockKind::cases();
        usort($kinds, static fn(BlockKind $a, BlockKind $b): int => $b->worth() <=> $a->worth());
        self::assertSame(
            ['measure', 'close', 'read', 'mixed', 'check', 'baseline', 'retest', 'pressure'],
            array_values(array_diff(array_column($kinds, 'value'), ['line', 'pace'])),
        );
        self::assertSame(BlockKind::Line->worth(), BlockKind::Pace->worth());
        self::assertSame(
            [true, true],
            [BlockKind::Line->worth() < BlockKind::Close->worth(), BlockKind::Line->worth() > BlockKind::Read->worth()],
        );
    }

    public function testARotaIsBalancedAndNobodyIsIdle(): void
    {
        $this->limitTo(200)
            ->forAll(Generators::choose(1, 12), Generators::choose(1, 8))
            ->then(static function (int $n, int $stations): void {
                $students = array_map(static fn(int $i): string => "S$i", range(1, $n));
                $turns = Rota::of($students, $stations)->turns;
                self::assertCount($stations, $turns);
                $visits = $firsts = array_fill_keys($students, []);
                foreach ($turns as $places) {
                    $there = array_merge(...$places);
                    sort($there);
                    $all = $students;
                    sort($all);
                    self::assertSame($all, $there);
                    $sizes = array_map(count(...), $places);
                    self::assertLessThanOrEqual(1, max($sizes) - min($sizes));
                    foreach ($places as $station => $who) {
                        foreach ($who as $at => $student) {
                            $visits[$student][] = $station;
                            if ($at === 0) {
                                $firsts[$student][] = $station;
                            }
                        }
                    }
                }
                foreach ($visits as $student => $stationsSeen) {
                    self::assertSame(count($stationsSeen), count(array_unique($stationsSeen)), $student);
                }
                // Within those who walk together each is first as often.
                foreach (range(0, min($n, $stations) - 1) as $group) {
                    $counts = array_map(
                        static fn(string $student): int => count($firsts[$student]),
                        array_values(
                            array_filter(
                                $students,
                                static fn(string $student): bool => ((int) substr($student, 1) - 1) % $stations ===
                                    $group,
                            ),
                        ),
                    );
                    self::assertLessThanOrEqual(1, max($counts) - min($counts));
                }
            });
        $this->expectException(InvalidInput::class);
        Rota::of([], 3);
    }
}
