<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Session;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\SessionLog;
use Amble\Core\Tests\Drill\DrillTestCase;

/** People come and go while a drill is under way; two stations at 4 and 6 m, three balls each. */
final class GroupTest extends DrillTestCase
{
    /**
     * @param list<SessionEvent> $events
     * @param list<string> $students
     *
     * @return array<string, mixed>
     */
    private static function state(array $events, array $students = [], string $own = 'ann'): array
    {
        return ReplayComputation::state(self::drill(), SessionLog::fold($events)->ofRun('run'), $students, 1, $own);
    }

    /** @param array<string, mixed> $fields */
    private static function said(int $at, string $type, array $fields): SessionEvent
    {
        return self::ball($at, 0.1, ['id' => "E$at", 'type' => $type, 'run_id' => 'run'] + $fields);
    }

    private static function rolled(int $at, ?string $student, float $roll = 4.0): SessionEvent
    {
        return self::ball($at, $roll, ['run_id' => 'run'] + ($student === null ? [] : ['student' => $student]));
    }

    /**
     * @param array<string, mixed> $state
     *
     * @return array<string, mixed> of one student
     */
    private static function of(array $state, string $student): array
    {
        return array_column($state['students'], 'state', 'student')[$student];
    }

    public function testTurnsSkipWhoSitsOutAndComeBackWithThem(): void
    {
        $rolled = [self::rolled(1, 'ann'), self::rolled(2, 'bea'), self::rolled(3, 'cai')];
        $out = self::said(4, 'company_noted', ['student' => 'ann', 'standing' => 'sits_out']);
        self::assertSame(['ann', 'bea', 'cai'], self::state($rolled, ['ann', 'bea', 'cai'])['turns']);
        self::assertSame(['bea', 'cai'], self::state([...$rolled, $out], ['ann', 'bea', 'cai'])['turns']);
        self::assertSame(
            ['cai'],
            self::state(
                [...$rolled, $out, self::said(5, 'company_noted', ['student' => 'bea', 'standing' => 'gone'])],
                ['ann', 'bea', 'cai'],
            )['turns'],
        );
        $back = [...$rolled, $out, self::said(6, 'company_noted', ['student' => 'ann', 'standing' => 'here'])];
        self::assertSame(['ann', 'bea', 'cai'], self::state($back, ['ann', 'bea', 'cai'])['turns']);
    }

    public function testALatecomerBeginsAtTheStationInWorkAndMakesOneStudentsDrillAGroups(): void
    {
        // Ann alone has done the first station; Bea joins at the second.
        $events = [
            self::rolled(1, null),
            self::rolled(2, null),
            self::rolled(3, null),
            self::said(4, 'run_joined', ['student' => 'bea', 'station' => 1]),
        ];
        $state = self::state($events);
        self::assertSame(['ann', 'bea'], array_column($state['students'], 'student'));
        self::assertSame([3, 0], [self::of($state, 'ann')['balls'], self::of($state, 'bea')['balls']]);
        self::assertSame([1, 1], [self::of($state, 'bea')['next']['station'], self::of($state, 'bea')['next']['ball']]);
        // She is done with that station, not before it.
        $done = self::state([
            ...$events,
            self::rolled(5, 'bea', 6.0),
            self::rolled(6, 'bea', 6.0),
            self::rolled(7, 'bea', 6.0),
        ]);
        self::assertSame(['done', 3], [self::of($done, 'bea')['phase'], self::of($done, 'bea')['passes']]);
        // Coming again makes no second beginning.
        $again = self::state([...$events, self::said(8, 'run_joined', ['student' => 'bea', 'station' => 0])]);
        self::assertSame(1, self::of($again, 'bea')['next']['station']);
    }

    public function testWhoeverRolledInARunIsOfItThoughNobodySaidSo(): void
    {
        $state = self::state([self::rolled(1, null), self::rolled(2, 'bea')]);
        self::assertSame(['ann', 'bea'], array_column($state['students'], 'student'));
        self::assertSame(
            [['B0001'], ['B0002']],
            [self::of($state, 'ann')['counted'], self::of($state, 'bea')['counted']],
        );
        // Named all the same, a ball of whoever the run is of makes no group.
        self::assertArrayNotHasKey('students', self::state([self::rolled(1, 'ann')]));
    }

    public function testThatsEnoughEndsADrillWithWhatWasDoneAndCanBeTakenBack(): void
    {
        $end = self::said(3, 'run_ended', []);
        $events = [self::rolled(1, null), self::rolled(2, null), $end, self::rolled(4, null)];
        $state = self::state($events);
        self::assertSame(['stopped', 2, 2, null], [$state['phase'], $state['balls'], $state['passes'], $state['next']]);
        $undone = self::state([...$events, self::said(5, 'undone', ['event_id' => 'E3'])]);
        self::assertSame(['rolling', 3], [$undone['phase'], $undone['balls']]);
        // A ball of the very moment it was ended in was rolled before.
        $atOnce = self::state([self::rolled(1, null), self::rolled(2, null), self::rolled(3, null), $end]);
        self::assertSame(['stopped', 3], [$atOnce['phase'], $atOnce['balls']]);
        // A drill that was done stays done.
        $done = array_map(
            static fn(int $at): SessionEvent => self::rolled($at, null, $at <= 3 ? 4.0 : 6.0),
            range(1, 6),
        );
        self::assertSame('done', self::state([...$done, self::said(7, 'run_ended', [])])['phase']);
    }

    public function testAGivenBallIsTheOthersWithAllThatWasSeenOfIt(): void
    {
        $events = [
            self::rolled(1, 'ann', 4.0),
            self::rolled(2, 'ann', 9.0),
            self::said(3, 'putt_given', ['putt_id' => 'B0002', 'student' => 'bea', 'putter' => 'Mallet']),
        ];
        $state = self::state($events, ['ann', 'bea']);
        self::assertSame(
            [['B0001'], ['B0002']],
            [self::of($state, 'ann')['counted'], self::of($state, 'bea')['counted']],
        );
        self::assertSame([1, 0], [self::of($state, 'ann')['passes'], self::of($state, 'bea')['passes']]);
        $putt = SessionLog::fold($events)->putts[1];
        self::assertSame(
            [9.0, 60_000, 'run', 'Mallet'],
            [$putt->ball->roll?->metres(), $putt->atMilliseconds, $putt->belonging->runId, $putt->belonging->putter],
        );
    }
}
