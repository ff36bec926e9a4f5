<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\Level\DrillLengths;
use Amble\Core\Drill\Level\PreviousRun;
use Amble\Core\Drill\Level\Progression;
use Amble\Core\Drill\OldDrillFormat;
use Amble\Core\Json\JsonInput;
use Amble\Core\Steps\StepRule;
use Amble\Core\Student\Level;
use PHPUnit\Framework\Attributes\DataProvider;

/** How a drill goes on from one session to the next, and at whatever lengths. */
final class LevelTest extends DrillTestCase
{
    private const LEVELS = [
        'progression' => [
            ['says' => 'Mixed.', 'order' => 'shuffled'],
            ['says' => 'Further.', 'lengths_m' => [5, 8, 11]],
            ['says' => 'Within 5 %.', 'figure' => 0.05],
        ],
    ];

    /** @return list<bool> */
    private static function recent(int $passes, int $of = 10): array
    {
        return [...array_fill(0, $passes, true), ...array_fill(0, $of - $passes, false)];
    }

    #[DataProvider('times')]
    public function testALevelIsEarnedWithEightOfTenAndLostWithFive(
        int $level,
        int $passes,
        int $of,
        int $now,
        string $why,
    ): void {
        $progression = Progression::of(
            self::card(self::LEVELS),
            new PreviousRun($level, self::recent($passes, $of), null),
        );
        self::assertSame($now, $progression->level);
        self::assertSame($why, $progression->why);
    }

    /** @return iterable<string, array{int, int, int, int, string}> */
    public static function times(): iterable
    {
        yield 'eight of ten' => [0, 8, 10, 1, 'Last time 8 of the last 10 passed: next, mixed.'];
        yield 'seven of ten' => [
            1,
            7,
            10,
            1,
            'Last time 7 of the last 10 passed: stay at this level. The next, at 8 of 10: further.',
        ];
        yield 'five of ten' => [2, 5, 10, 1, 'Last time 5 of the last 10 passed: one level back, mixed.'];
        yield 'five of ten, back to the beginning' => [
            1,
            5,
            10,
            0,
            'Last time 5 of the last 10 passed: one level back, the first one.',
        ];
        yield 'all of nine are too few' => [
            0,
            9,
            9,
            0,
            'Last time 9 of the last 9 passed: 8 of 10 are needed to go up. The next level would be: mixed.',
        ];
        yield 'the last level has no next' => [
            3,
            10,
            10,
            3,
            'Last time 10 of the last 10 passed. This is the last level.',
        ];
        yield 'a level that was since taken away' => [
            7,
            7,
            10,
            3,
            'Last time 7 of the last 10 passed. This is the last level.',
        ];
    }

    public function testLevelsComeOnTopOfOneAnotherAndChangeNothingElse(): void
    {
        $rules = self::rules(self::LEVELS);
        $card = self::card(self::LEVELS);
        $at = static fn(int $level, int $passes): array => Progression::of(
            $card,
            new PreviousRun($level, self::recent($passes), null),
        )->laidInto($rules, $card);
        self::assertSame($rules, $at(0, 7));
        self::assertSame(['order' => 'shuffled', 'level' => 1], array_diff_key($at(0, 8), $rules));
        $third = $at(2, 8);
        self::assertEquals([5, 8, 11], array_column($third['stations'], 'length_m'));
        self::assertSame(['shuffled', 0.05, 3], [$third['order'], $third['pass']['share'], $third['level']]);
        // It can be run as it is, and knows its level.
        self::assertSame(3, self::card($third)->level);
        self::assertNull(Progression::of($card, null)->why);
        self::assertNull(Progression::of(self::card(), new PreviousRun(0, self::recent(9), null))->why);
    }

    /** The student's rule goes before the drill's, and the drill that begins carries it. */
    public function testTheRuleOfADrillGivesWayToTheStudents(): void
    {
        $drill = ['step_rule' => ['earn' => 9, 'lose' => 2]] + self::LEVELS;
        $card = self::card($drill);
        $level = static fn(int $passes, ?StepRule $own): int => Progression::of(
            $card,
            new PreviousRun(1, self::recent($passes), null),
            null,
            $own,
        )->level;
        $own = StepRule::read(JsonInput::fromArray(['earn' => 7, 'lose' => 6]));
        self::assertSame([1, 1, 2], [$level(8, null), $level(4, null), $level(9, null)]);
        self::assertSame([2, 0], [$level(7, $own), $level(6, $own)]);
        $begins = Progression::of($card, null, null, $own);
        self::assertSame(
            'For this student a step is gained with 7 of the last 10, lost with 6 or fewer.',
            $begins->why,
        );
        self::assertSame(
            ['earn' => 7, 'lose' => 6],
            self::card($begins->laidInto(self::rules($drill), $card))->rules->stepRule->toArray(),
        );
        // A drill that steps nowhere asks for no rule.
        self::assertNull(Progression::of(self::card(), null, null, $own)->why);
    }

    public function testASteppingDrillBeginsWhereItWasLeftAndStepsOnFromThere(): void
    {
        $gate = [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
            'steps_m' => [0.1, 0.08, 0.06],
        ];
        $card = self::card($gate);
        $begins = Progression::of($card, new PreviousRun(0, [], 1));
        self::assertSame('It starts where it stopped: {0.0800 w} wide.', $begins->why);
        $drill = self::drill($begins->laidInto(self::rules($gate), $card));
        self::assertSame(0.08, DrillRun::fold($drill, [], 1)->step);
        $through = array_map(static fn(int $i) => self::ball($i, 4.0, ['gate' => 'through']), range(0, 9));
        self::assertSame(
            [0.06, 2],
            [
                DrillRun::fold(
                    self::drill(['balls_per_station' => 20] + $begins->laidInto(self::rules($gate), $card)),
                    $through,
                    1,
                )->step,
                2,
            ],
        );
    }

    /** Eight of ten go tighter where nobody says otherwise, and stay where nine are asked. */
    public function testAGateStepsByTheDrillsOwnRuleWhileItIsRolled(): void
    {
        $gate = [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
            'steps_m' => [0.1, 0.08],
            'balls_per_station' => 20,
        ];
        $balls = array_map(
            static fn(int $i) => self::ball($i, 4.0, ['gate' => $i < 2 ? 'left' : 'through']),
            range(0, 9),
        );
        $step = static fn(array $rule): ?float => DrillRun::fold(self::drill($rule + self::rules($gate)), $balls, 1)
            ->step;
        self::assertSame([0.08, 0.1], [$step([]), $step(['step_rule' => ['earn' => 9, 'lose' => 5]])]);
    }

    public function testAFirstTimeStartsAsWideAsTheStudentsLevelWantsAndLeavesAStepToEarn(): void
    {
        $gate = static fn(array $steps): array => [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => $steps[0], 'distance_m' => 0.5],
            'steps_m' => $steps,
        ];
        $rung = static fn(array $steps, Level $level): ?int => Progression::of(self::card($gate($steps)), null, $level)
            ->rung;
        $four = [0.1, 0.08, 0.06, 0.05];
        self::assertSame(
            [null, null, 1, 2],
            array_map(static fn(Level $level): ?int => $rung($four, $level), Level::cases()),
        );
        self::assertSame(
            [null, null, 1, 1],
            array_map(static fn(Level $level): ?int => $rung([0.1, 0.08, 0.06], $level), Level::cases()),
        );
        self::assertSame(
            'The first time, for an advanced player: {0.0800 w} wide.',
            Progression::of(self::card($gate($four)), null, Level::Able)->why,
        );
        // How it was left wins over what the card says.
        self::assertSame(
            0,
            Progression::of(self::card($gate($four)), new PreviousRun(0, [], 0), Level::Tournament)->rung,
        );
        self::assertNull(Progression::of(self::card(), null, Level::Tournament)->why);
    }

    public function testAnySetOfLengthsGoesIntoAnyDrill(): void
    {
        $laid = DrillLengths::laidInto(self::rules(), [3.0, 6.0, 9.0]);
        self::assertSame([3.0, 6.0, 9.0], array_column($laid['stations'], 'length_m'));
        self::assertSame(60, $laid['cap']['balls'], 'the cap leaves as many balls a station as before');
        // Where stations lie differently, they stay and take the lengths in turn.
        $sides = DrillLengths::laidInto(
            self::rules([
                'stations' => [
                    ['length_m' => 1, 'grade_percent' => 2],
                    ['length_m' => 1, 'grade_percent' => -2],
                    ['length_m' => 1, 'name' => 'low side'],
                ],
            ]),
            [1.5, 2.0],
        );
        self::assertSame(
            [
                ['length_m' => 1.5, 'grade_percent' => 2],
                ['length_m' => 2.0, 'grade_percent' => -2],
                ['length_m' => 1.5, 'name' => 'low side'],
            ],
            $sides['stations'],
        );
        $drawn = DrillLengths::laidInto(self::rules(['stations' => [['from_m' => 1, 'to_m' => 9, 'step_m' => 0.3]]]), [
            4.0,
        ]);
        self::assertSame([['length_m' => 4.0]], $drawn['stations']);
    }

    public function testAnOldDrillIsBroughtUpOnceAndANewOneIsLeftAlone(): void
    {
        $old = self::rules([
            'kit' => ['balls', '2 balls', 'metal rule', 'string on two stakes', 'umbrella'],
            'logs' => ['roll', 'side', 'holed'],
            'pass' => ['kind' => 'task', 'little_m' => 0.3],
            'tasks' => ['past'],
        ]);
        $new = OldDrillFormat::broughtUp($old);
        self::assertSame(
            [
                ['piece' => 'ball'],
                ['piece' => 'ball', 'count' => 2],
                ['piece' => 'rule', 'count' => 1],
                ['piece' => 'string', 'count' => 1],
                ['piece' => 'other', 'name' => 'umbrella', 'count' => 1],
            ],
            $new['kit'],
        );
        self::assertSame(['roll_m', 'side_m'], $new['asks']);
        self::assertEqualsWithDelta(0.9, $new['pass']['firm_m'], 1e-12);
        self::assertArrayNotHasKey('logs', $new);
        self::assertSame($new, OldDrillFormat::broughtUp($new));
        self::assertSame(['roll_m', 'side_m'], self::card($new)->asks);
    }
}
