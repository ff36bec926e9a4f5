<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Evidence;

use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\Verdict;
use Amble\Core\Evidence\SessionBall;
use Amble\Core\Evidence\SessionBalls;
use Amble\Core\Evidence\SessionRun;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\SessionLog;
use PHPUnit\Framework\TestCase;

/** What a session's log and its drills make of each ball. */
final class SessionBallsTest extends TestCase
{
    private static int $at = 0;

    /** @param array<string, mixed> $fields */
    private static function putt(array $fields = []): SessionEvent
    {
        $id = sprintf('P%03d', ++self::$at);

        return EventReader::read(
            JsonInput::fromArray(
                $fields + [
                    'id' => $id,
                    'type' => 'putt_logged',
                    'version' => 2,
                    'at_ms' => self::$at,
                    'roll_m' => 4.0,
                    'stop' => 'free',
                    'target_m' => 4,
                ],
            ),
        );
    }

    private static function checked(string $run, int $count = 1): SessionEvent
    {
        return EventReader::read(
            JsonInput::fromArray([
                'id' => 'C' . ++self::$at,
                'type' => 'set_out_counted',
                'at_ms' => self::$at,
                'run_id' => $run,
                'item' => 'check',
                'name' => 'gate_seen',
                'count' => $count,
            ]),
        );
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $students
     */
    private static function drillRun(string $id, array $changes = [], array $students = []): SessionRun
    {
        $drill = $changes + [
            'key' => 'drill',
            'name' => 'Drill',
            'stations' => [['length_m' => 4], ['length_m' => 6]],
            'target' => 'hole',
            'balls_per_station' => 2,
            'pass' => ['kind' => 'share'],
            'end' => ['kind' => 'all_stations'],
            'cap' => ['balls' => 40],
        ];

        return new SessionRun(
            $id,
            DrillReader::read(JsonInput::parse(json_encode($drill, JSON_THROW_ON_ERROR))),
            $students,
            1,
        );
    }

    /**
     * @param list<SessionEvent> $events
     * @param list<SessionRun> $runs
     *
     * @return list<SessionBall>
     */
    private static function balls(array $events, array $runs = []): array
    {
        return SessionBalls::of(SessionLog::fold($events), $runs, 'own');
    }

    public function testOutsideADrillABallIsWordedByTheUsualWindow(): void
    {
        $words = array_map(
            static fn(SessionBall $ball): ?LengthCall => $ball->word,
            self::balls([
                self::putt(['roll_m' => 3.6]),
                self::putt(['roll_m' => 3.59]),
                self::putt(['roll_m' => 4.41]),
                self::putt(['target_m' => null]),
                self::putt(['roll_m' => null, 'stop' => 'holed']),
                self::putt(['stop' => 'edge']),
                self::putt(['roll_m' => 4.5, 'stop' => 'edge']),
            ]),
        );
        self::assertSame(
            [LengthCall::On, LengthCall::Short, LengthCall::Long, null, LengthCall::On, null, LengthCall::Long],
            $words,
        );
    }

    public function testInADrillItIsWordedAndJudgedByTheDrill(): void
    {
        $rod = self::drillRun('R', ['target' => 'rail', 'pass' => ['kind' => 'between', 'behind_m' => 0.3]]);
        $balls = self::balls(
            array_map(static fn(array $fields): SessionEvent => self::putt($fields + ['run_id' => 'R']), [
                ['roll_m' => 3.9],
                ['roll_m' => 4.2],
                ['roll_m' => 5.0, 'mark' => 'bumps'],
                ['roll_m' => 6.35, 'target_m' => 6],
                ['roll_m' => 6.1, 'target_m' => 6],
                ['roll_m' => 6.1, 'target_m' => 6],
            ]),
            [$rod],
        );
        self::assertSame(
            [Verdict::Missed, Verdict::Passed, Verdict::RolledAgain, Verdict::Missed, Verdict::Passed, Verdict::After],
            array_map(static fn(SessionBall $ball): ?Verdict => $ball->verdict, $balls),
        );
        // Within a tenth, and still short of the lip and over the rod.
        self::assertSame(
            [LengthCall::Short, LengthCall::On, null, LengthCall::Long, LengthCall::On, null],
            array_map(static fn(SessionBall $ball): ?LengthCall => $ball->word, $balls),
        );
        self::assertSame('drill', $balls[0]->run?->card->key);
    }

    public function testOverTheEdgeThatWasTheTargetIsLong(): void
    {
        $edge = self::drillRun('R', ['target' => 'edge']);
        [$over, $shortOfIt] = self::balls(
            [
                self::putt(['run_id' => 'R', 'stop' => 'edge', 'roll_m' => 4.0]),
                self::putt(['run_id' => 'R', 'roll_m' => 3.0]),
            ],
            [$edge],
        );
        self::assertSame([LengthCall::Long, Verdict::Missed], [$over->word, $over->verdict]);
        self::assertSame(LengthCall::Short, $shortOfIt->word);
    }

    public function testAttemptsAreCountedAtEachPuttAndBlocksChangeWithIt(): void
    {
        $balls = self::balls([
            self::putt(),
            self::putt(),
            self::putt(['target_m' => 6]),
            self::putt(),
            self::putt(['target_m' => 4, 'across_percent' => 2]),
        ]);
        self::assertSame([1, 2, 1, 3, 1], array_map(static fn(SessionBall $ball): int => $ball->attempt, $balls));
        self::assertSame([1, 1, 2, 3, 4], array_map(static fn(SessionBall $ball): int => $ball->block, $balls));
    }

    public function testInAGroupEachRunsForThemselvesAndElsewhereItIsTheSessionsOwn(): void
    {
        $group = self::drillRun('R', ['balls_per_station' => 1], ['ada', 'ben']);
        $of = static fn(string $student, float $roll, float $target = 4): SessionEvent => self::putt([
            'run_id' => 'R',
            'student' => $student,
            'roll_m' => $roll,
            'target_m' => $target,
        ]);
        $balls = self::balls(
            [$of('ada', 4.0), $of('ben', 4.0), $of('ada', 6.0, 6), $of('ben', 4.0, 6), self::putt()],
            [$group],
        );
        self::assertSame(
            ['ada', 'ben', 'ada', 'ben', 'own'],
            array_map(static fn(SessionBall $ball): ?string => $ball->student, $balls),
        );
        // Ben's second ball is called for 6 m.
        self::assertSame(
            [Verdict::Passed, Verdict::Passed, Verdict::Passed, Verdict::Missed, null],
            array_map(static fn(SessionBall $ball): ?Verdict => $ball->verdict, $balls),
        );
        self::assertSame([1, 1, 1, 1, 1], array_map(static fn(SessionBall $ball): int => $ball->attempt, $balls));
    }

    public function testAGateIsCheckedOnlyOnceSomebodyTickedItAndALineNeedsNone(): void
    {
        $gate = [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
        ];
        $through = static fn(string $run): SessionEvent => self::putt([
            'run_id' => $run,
            'seen' => (object) ['gate' => 'through'],
        ]);
        $is = static fn(SessionBall $ball): bool => $ball->isAidChecked;
        $runs = [
            self::drillRun('R', $gate),
            self::drillRun('S', $gate),
            self::drillRun('L', ['pass' => ['kind' => 'on_line'], 'aid' => ['kind' => 'chalk']]),
        ];
        self::assertSame(
            [true, false, true, false],
            array_map(
                $is,
                self::balls([$through('R'), $through('S'), $through('L'), self::putt(), self::checked('R')], $runs),
            ),
        );
        self::assertSame(
            [false],
            array_map($is, self::balls([$through('R'), self::checked('R'), self::checked('R', 0)], $runs)),
        );
    }

    public function testTheAidsWidthIsTheOneInForceAndAWindowsStepIsNone(): void
    {
        $closing = self::drillRun('R', [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.12, 'distance_m' => 0.5],
            'steps_m' => [0.12, 0.08],
            'balls_per_station' => 20,
        ]);
        $events = array_map(
            static fn(): SessionEvent => self::putt(['run_id' => 'R', 'seen' => (object) ['gate' => 'through']]),
            range(1, 12),
        );
        $widths = array_map(static fn(SessionBall $ball): ?float => $ball->aidWidth, self::balls($events, [$closing]));
        self::assertSame([...array_fill(0, 10, 0.12), 0.08, 0.08], $widths);
        $window = self::drillRun('W', [
            'aid' => ['kind' => 'gate', 'width_m' => 0.12, 'distance_m' => 0.5],
            'steps_m' => [1.0, 0.5],
        ]);
        self::assertSame(
            0.12,
            self::balls([self::putt(['run_id' => 'W', 'seen' => (object) ['gate' => 'left']])], [$window])[0]->aidWidth,
        );
    }
}
