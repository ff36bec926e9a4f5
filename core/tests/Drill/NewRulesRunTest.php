<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\Verdict;

/** Runs in which a ball hangs on others, is asked again, or is not judged at all. */
final class NewRulesRunTest extends DrillTestCase
{
    public function testAgainRollsTheSameBallUntilItPassesAndRestartsNothing(): void
    {
        $drill = self::drill([
            'on_miss' => 'again',
            'balls_per_station' => 2,
            'tasks' => ['past', 'short'],
            'pass' => ['kind' => 'task', 'little_m' => 0.5],
        ]);
        $events = [self::ball(0, 3.8), self::ball(1, 4.3), self::ball(2, 4.3), self::ball(3, 3.8)];
        $state = DrillRun::fold($drill, $events, 1);
        self::assertSame([2, 0, 4], [$state->passes, $state->restarts, $state->balls]);
        self::assertSame([1, 1], [$state->next?->station, $state->next?->ball]);
        // The first ball at each putt stays what it was.
        self::assertFalse($state->stations[0]->firstBallPassed);
        $told = array_map(
            static fn($judged): array => [$judged->task?->value, $judged->attempt, $judged->place],
            array_values($state->judged),
        );
        self::assertSame([['past', 1, 0], ['past', 2, 0], ['short', 3, 1], ['short', 4, 1]], $told);
    }

    public function testTheLaidOutCourseStaysAtABallThatMisses(): void
    {
        $drill = self::drill(['on_miss' => 'again']);
        $course = DrillRun::fold($drill, [], 1)->course;
        foreach ($course->legs as $place => $leg) {
            self::assertSame($place, $leg->afterMiss);
        }
    }

    public function testASetIsMeasuredByItsFirstBallAndTheNextSetByItsOwn(): void
    {
        $drill = self::drill([
            'target' => 'none',
            'pass' => ['kind' => 'like_first', 'share' => 0.1],
            'stations' => [['length_m' => 8, 'name' => 'a'], ['length_m' => 8, 'name' => 'b']],
        ]);
        $state = DrillRun::fold(
            $drill,
            [self::ball(0, 3.0), self::ball(1, 3.2), self::ball(2, 3.4), self::ball(3, 9.0), self::ball(4, 3.0)],
            1,
        );
        $verdicts = array_map(static fn($judged): string => $judged->verdict->value, array_values($state->judged));
        self::assertSame(['noted', 'passed', 'missed', 'noted', 'missed'], $verdicts);
        self::assertEqualsWithDelta([8.1, 9.9], $state->next?->acceptance?->rollBetween, 1e-9);
        self::assertSame('b', $state->next?->name);
        // What hangs on a ball not rolled yet is not laid out as known.
        self::assertNull(DrillRun::fold($drill, [], 1)->course->legs[1]->callOut->acceptance);
    }

    public function testWhereNothingIsJudgedBallsAreNotedAndNonePasses(): void
    {
        $drill = self::drill([
            'target' => 'none',
            'pass' => ['kind' => 'open'],
            'stations' => [['length_m' => 5, 'backstroke_m' => 0.2]],
        ]);
        $state = DrillRun::fold($drill, [self::ball(0, 3.0), self::ball(1, 5.0)], 1);
        self::assertSame([0, 2], [$state->passes, $state->balls]);
        self::assertSame([Verdict::Noted, Verdict::Noted], array_column(array_values($state->judged), 'verdict'));
        self::assertSame(0.2, $state->next?->backstroke);
    }

    public function testASecondOutcomeIsAMissOnlyWhenItWasAskedAndSaidSo(): void
    {
        $gate = [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
        ];
        $missed = static fn(array $seen): int => DrillRun::fold(
            self::drill($gate),
            [self::ball(0, 4.0, $seen + ['gate' => 'through'])],
            1,
        )->throughButMissed;
        $unseen = ['roll_m' => null, 'stop' => 'unseen'];
        self::assertSame(0, $missed($unseen), 'nobody asked');
        self::assertSame(0, $missed($unseen + ['dropped' => true]));
        self::assertSame(1, $missed($unseen + ['dropped' => false]));
        self::assertSame(1, $missed(['roll_m' => 4.4]), 'it lies there, so it did not drop');
        self::assertSame(0, $missed(['stop' => 'holed']));
        self::assertSame(0, $missed(['gate' => 'left'] + $unseen + ['dropped' => false]));
    }
}
