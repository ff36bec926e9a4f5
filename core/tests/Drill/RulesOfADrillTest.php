<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\DrillSteps;
use Amble\Core\Drill\Phase;
use Amble\Core\Drill\PutOut;
use Amble\Core\Drill\Rotation;
use Amble\Core\Drill\RoundNumbers;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Steps\Ladder;
use Amble\Core\Units\Length;
use Eris\Generators;

/** The small parts of a drill, each by itself. */
final class RulesOfADrillTest extends DrillTestCase
{
    public function testScatteredStationsAreDrawnInTheirRangeFromTheSeedAlone(): void
    {
        $drill = self::drill([
            'stations' => [['from_m' => 2, 'to_m' => 8], ['length_m' => 4], ['from_m' => 5, 'to_m' => 5]],
        ]);
        $lengths = static fn(int $seed): array => array_column(self::after($drill, '', $seed)['stations'], 'length_m');
        $this->forAll(Generators::choose(0, 50_000))->then(function (int $seed) use ($lengths): void {
            [$drawn, $fixed, $point] = $lengths($seed);
            self::assertGreaterThanOrEqual(2.0, $drawn);
            self::assertLessThanOrEqual(8.0, $drawn);
            self::assertSame([4.0, 5.0], [$fixed, $point]);
            self::assertSame($drawn, $lengths($seed)[0]);
        });
        self::assertGreaterThan(
            20,
            count(array_unique(array_map(static fn(int $seed): string => (string) $lengths($seed)[0], range(1, 200)))),
        );
    }

    public function testEachRoundIsShuffledAnew(): void
    {
        $drill = self::drill([
            'stations' => array_map(static fn(int $i): array => ['length_m' => $i], range(2, 8)),
            'order' => 'shuffled',
            'balls_per_station' => 1,
            'end' => ['kind' => 'balls', 'balls' => 21],
        ]);
        $first = array_column(self::after($drill, '')['ahead'], 'station');
        $second = array_column(self::after($drill, 'ooooooo')['ahead'], 'station');
        self::assertCount(7, $first);
        self::assertNotSame($first, $second);
        self::assertEqualsCanonicalizing($first, $second);
    }

    public function testOnlyPassedBallsArePuttedOutWhereTheRuleSaysSo(): void
    {
        self::assertTrue(PutOut::Passed->allows(passed: true));
        self::assertFalse(PutOut::Passed->allows(passed: false));
        self::assertTrue(PutOut::All->allows(passed: false));
        self::assertFalse(PutOut::None->allows(passed: true));
        $drill = self::drill(['putt_out' => 'passed']);
        $state = DrillRun::fold(
            $drill,
            [
                self::ball(0, 4.1, ['putts_to_finish' => 1]),
                self::ball(1, 3.9, ['putts_to_finish' => 2]),
                self::ball(2, 1.0, ['putts_to_finish' => 2]),
                self::ball(3, 6.0),
            ],
            1,
        );
        // The third may not be putted out, and the fourth was not.
        self::assertSame([2, 3], [$state->putOuts, $state->puttsToFinish]);
    }

    public function testStepsAreNarrowerEachTime(): void
    {
        $steps = DrillSteps::of([Length::ofMetres(0.1), Length::ofMetres(0.08)]);
        self::assertSame(0.1, $steps->width($steps->ladder()));
        self::assertSame(0.08, $steps->width(Ladder::of(2, 1)));
        $this->expectException(InvalidInput::class);
        DrillSteps::of([Length::ofMetres(0.1), Length::ofMetres(0.1)]);
    }

    public function testWhatCanBeStruckCannotBeHoledIntoAndNothingIsBoth(): void
    {
        foreach (TargetKind::cases() as $target) {
            self::assertFalse($target->canBeHit() && $target->canBeHoled(), $target->value);
        }
        self::assertTrue(TargetKind::Ring->canBeHoled());
        self::assertFalse(TargetKind::None->canBeHit() || TargetKind::None->canBeHoled());
    }

    public function testEveryTaskThatIsNoWayOfGettingReadySaysWhereTheBallGoes(): void
    {
        self::assertSame(
            [
                BallTask::LookAtTarget,
                BallTask::LookAtBall,
                BallTask::StanceNarrow,
                BallTask::StanceMiddle,
                BallTask::StanceWide,
                BallTask::AimWider,
                BallTask::MorePace,
                BallTask::RollByHand,
            ],
            array_values(array_filter(BallTask::cases(), static fn(BallTask $task): bool => !$task->isJudged())),
        );
    }

    public function testAFirmBallRunsFurtherThanALittle(): void
    {
        $rules = static fn(float $firm): array => [
            'pass' => ['kind' => 'task', 'little_m' => 0.3, 'firm_m' => $firm],
            'tasks' => ['past', 'firm'],
        ];
        self::assertNotNull(self::drill($rules(0.31))->task(1));
        try {
            self::drill($rules(0.3));
            self::fail('A firm ball that runs no further than a little was taken.');
        } catch (InvalidInput $refusal) {
            self::assertSame(
                ['pass.firm_m', 'A firm ball runs further past than a little.'],
                [$refusal->field(), $refusal->getMessage()],
            );
        }
    }

    public function testEveryLengthOfARuleOfTasksIsRounded(): void
    {
        $round = RoundNumbers::feet()->of(
            self::rules([
                'pass' => ['kind' => 'task', 'little_m' => 0.3, 'firm_m' => 0.9],
                'tasks' => ['past', 'firm'],
            ]),
        );
        self::assertIsArray($round['pass']);
        // A foot and three feet, in whole quarters of a foot.
        self::assertEqualsWithDelta(0.3048, $round['pass']['little_m'], 1e-12);
        self::assertEqualsWithDelta(0.9144, $round['pass']['firm_m'], 1e-12);
    }

    public function testOverMeansDoneCappedOrStopped(): void
    {
        $over = array_filter(Phase::cases(), static fn(Phase $phase): bool => $phase->isOver());
        self::assertSame([Phase::Done, Phase::Capped, Phase::Stopped], array_values($over));
    }

    public function testNobodyInARotationIsEverMoreThanOneBallAhead(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(2, 6), Generators::vector(30, Generators::elements('o', 's')))
            ->then(function (int $people, array $kinds): void {
                $drill = self::drill([
                    'balls_per_station' => 4,
                    'on_miss' => 'restart_station',
                    'cap' => ['balls' => 10],
                ]);
                $rolled = array_fill_keys(array_map(static fn(int $i): string => "P$i", range(1, $people)), []);
                $last = [];
                foreach ($kinds as $at => $kind) {
                    $states = array_map(
                        static fn(array $events): DrillState => DrillRun::fold($drill, $events, 1),
                        $rolled,
                    );
                    $turn = Rotation::turns($states, $last)[0] ?? null;
                    if ($turn === null) {
                        break;
                    }
                    $balls = array_map(static fn(DrillState $state): int => $state->balls, $states);
                    $still = array_filter($states, static fn(DrillState $state): bool => !$state->phase->isOver());
                    self::assertSame(min(array_intersect_key($balls, $still)), $balls[$turn]);
                    $rolled[$turn][] = self::ball($at, $kind === 'o' ? 4.1 : 2.0);
                    $last[$turn] = $at + 1;
                }
            });
    }

    public function testOnlyABallThatWasFollowedCanHaveStartedWellAndMissed(): void
    {
        $gate = self::drill([
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
            'end' => ['kind' => 'balls', 'balls' => 9],
        ]);
        $missed = static fn(array ...$balls): int => DrillRun::fold(
            $gate,
            array_map(
                static fn(int $i, array $fields): SessionEvent => self::ball($i, 3.0, $fields + ['gate' => 'through']),
                array_keys($balls),
                array_values($balls),
            ),
            1,
        )->throughButMissed;
        // Nobody was asked whether it dropped.
        self::assertSame(0, $missed(['stop' => 'unseen', 'roll_m' => null], ['stop' => 'unseen', 'roll_m' => null]));
        self::assertSame(
            1,
            $missed(['roll_m' => 3.9], ['stop' => 'holed', 'roll_m' => null], ['gate' => 'left', 'roll_m' => 3.9]),
        );
    }
}
