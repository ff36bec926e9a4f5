<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Session;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Ball;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\BallOwner;
use Amble\Core\Session\Cause;
use Amble\Core\Session\Event\BallCorrected;
use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Session\Event\BallRemarked;
use Amble\Core\Session\Event\EventUndone;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\Event\SetupCounted;
use Amble\Core\Session\LoggedBall;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\SetupItem;
use Amble\Core\Session\Stop;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use Eris\Generators;

final class SessionLogTest extends PropertyTestCase
{
    private static function ball(
        float $roll,
        Stop $stop = Stop::Free,
        ?BallMark $mark = null,
        float $percent = 0.0,
    ): Ball {
        return Ball::seen(
            Length::ofMetres(0.2),
            Length::ofMetres($roll),
            $stop,
            null,
            Grade::ofPercent($percent),
            new Remarks($mark),
        );
    }

    /**
     * @param list<SessionEvent> $events
     *
     * @return list<array{string, float|null, int, int|null}>
     */
    private static function folded(array $events): array
    {
        return array_map(
            static fn(LoggedBall $putt): array => [
                $putt->id,
                $putt->ball->roll?->metres(),
                $putt->corrections,
                $putt->ball->sight->count('rehearsals'),
            ],
            SessionLog::fold($events)->putts,
        );
    }

    public function testAnyOrderAndAnyRepeatsFoldToTheSameBalls(): void
    {
        $this->limitTo(200)
            ->forAll(
                Generators::vector(
                    14,
                    Generators::tuple(Generators::choose(0, 4), Generators::choose(0, 13), Generators::choose(0, 4)),
                ),
                Generators::vector(30, Generators::choose(0, 13)),
            )
            ->then(function (array $recipe, array $shuffle): void {
                $events = [];
                foreach ($recipe as $i => [$kind, $target, $gap]) {
                    $id = sprintf('E%02d', $i);
                    $of = sprintf('E%02d', $target % ($i + 1));
                    $at = 10 * $i + $gap;
                    $events[] = match ($kind) {
                        0, 1 => new BallLogged($id, $at, self::ball(1.0 + $i)),
                        2 => new BallCorrected($id, $at, $of, self::ball(50.0 + $i)),
                        3 => new BallRemarked($id, $at, $of, new Remarks(), ['rehearsals' => $i]),
                        default => new EventUndone($id, $at, $of),
                    };
                }
                $mixed = [...array_map(static fn(int $i) => $events[$i], $shuffle), ...array_reverse($events)];
                self::assertSame(self::folded($events), self::folded($mixed));
            });
    }

    public function testUndoCorrectionAndUndoOfEach(): void
    {
        $log = [
            new BallLogged('A', 1, self::ball(1.0)),
            new BallLogged('B', 2, self::ball(2.0)),
            new BallCorrected('C', 3, 'A', self::ball(1.5)),
        ];
        self::assertSame([['A', 1.5, 1, null], ['B', 2.0, 0, null]], self::folded($log));
        $undone = new EventUndone('D', 4, 'C');
        self::assertSame([['A', 1.0, 0, null], ['B', 2.0, 0, null]], self::folded([...$log, $undone]));
        self::assertSame(
            [['A', 1.5, 1, null], ['B', 2.0, 0, null]],
            self::folded([...$log, $undone, new EventUndone('E', 5, 'D')]),
        );
        self::assertSame([['B', 2.0, 0, null]], self::folded([...$log, new EventUndone('D', 4, 'A')]));
        // An undo comes after what it takes back whatever a clock says; one that names itself takes nothing back.
        self::assertCount(1, self::folded([...$log, new EventUndone('D', 0, 'B'), new EventUndone('F', 9, 'F')]));
    }

    public function testRemarksTakeOnesPlaceAndACorrectionSaysTheBallAnew(): void
    {
        $log = [
            new BallLogged('A', 1, self::ball(1.0, mark: BallMark::Mishit), new BallOwner('R', 'Ada')),
            new BallRemarked('B', 2, 'A', new Remarks(BallMark::Bumps, Cause::Luck)),
        ];
        $remarked = SessionLog::fold($log)->putts[0];
        self::assertSame(
            [BallMark::Bumps, Cause::Luck, 0],
            [$remarked->ball->remarks->mark, $remarked->ball->remarks->cause, $remarked->corrections],
        );
        self::assertSame(['R', 'Ada'], [$remarked->belonging->runId, $remarked->belonging->student]);
        $undone = SessionLog::fold([...$log, new EventUndone('C', 3, 'B')])->putts[0];
        self::assertSame(BallMark::Mishit, $undone->ball->remarks->mark);
        $corrected = SessionLog::fold([...$log, new BallCorrected('C', 3, 'A', self::ball(2.0))])->putts[0];
        self::assertEquals(new Remarks(), $corrected->ball->remarks);
        self::assertSame('Ada', $corrected->belonging->student);
    }

    public function testOfEachThingCountedTheLatestStandsAndRunsAreKeptApart(): void
    {
        $count = static fn(
            string $id,
            int $at,
            string $run,
            string $name,
            int $count,
        ): SetupCounted => new SetupCounted($id, $at, $run, SetupItem::KitOut, $name, $count);
        $log = SessionLog::fold([
            $count('C', 3, 'R', 'tees', 2),
            $count('A', 1, 'R', 'tees', 3),
            $count('B', 2, 'R', 'rod', 1),
            $count('D', 4, 'S', 'tees', 9),
            new BallLogged('E', 5, self::ball(1.0), new BallOwner('S')),
        ]);
        $counted = array_column(
            array_map(static fn(SetupCounted $each): array => [$each->name, $each->count], $log->ofRun('R')->counts),
            1,
            0,
        );
        self::assertSame(['tees' => 2, 'rod' => 1], $counted);
        self::assertSame([[], 1], [$log->ofRun('R')->putts, count($log->ofRun('S')->putts)]);
    }

    public function testALateBallTakesItsPlaceInTime(): void
    {
        $folded = self::folded([new BallLogged('B', 20, self::ball(2.0)), new BallLogged('A', 10, self::ball(1.0))]);
        self::assertSame(['A', 'B'], array_column($folded, 0));
    }

    public function testABallThatWasNotHoledNeedsARoll(): void
    {
        $this->expectException(InvalidInput::class);
        Ball::seen(Length::ofMetres(0.2), null, Stop::Edge, null, Grade::level());
    }

    public function testAPieceIsCountedOnceAcrossDrillsAndIsOutUntilItIsBack(): void
    {
        $at = 0;
        $count = static function (string $run, SetupItem $item, string $name, int $count) use (&$at): SetupCounted {
            ++$at;

            return new SetupCounted(sprintf('E%02d', $at), $at, $run, $item, $name, $count);
        };
        $out = static fn(SetupCounted ...$events): array => SessionLog::fold(array_values($events))->equipmentInUse();
        $first = [
            $count('R', SetupItem::KitOut, 'tees', 4),
            $count('R', SetupItem::KitBack, 'tees', 3),
            $count('R', SetupItem::KitOut, 'rod', 1),
            $count('R', SetupItem::KitBack, 'rod', 1),
        ];
        self::assertSame(['tees' => 1], $out(...$first));
        // The tee that was left is one of the next drill's two.
        $second = [...$first, $count('S', SetupItem::Check, 'straight', 1), $count('S', SetupItem::KitOut, 'tees', 2)];
        self::assertSame(['tees' => 2], $out(...$second));
        self::assertSame([], $out(...$second, ...[$count('S', SetupItem::KitBack, 'tees', 2)]));
        // Left where they lie for the next drill, four tees are four, and not eight.
        $same = [$count('R', SetupItem::KitOut, 'tees', 4), $count('S', SetupItem::KitOut, 'tees', 4)];
        self::assertSame(['tees' => 4], $out(...$same));
        self::assertSame([], $out(...$same, ...[$count('S', SetupItem::KitBack, 'tees', 4)]));
        // Counted anew, the later count of one drill stands; more back than lay out hides nothing that goes out after.
        self::assertSame(
            ['tees' => 1],
            $out(...$same, ...[$count('S', SetupItem::KitBack, 'tees', 1), $count('S', SetupItem::KitBack, 'tees', 3)]),
        );
        self::assertSame(
            ['tees' => 1],
            $out(...$same, ...[$count('S', SetupItem::KitBack, 'tees', 9), $count('T', SetupItem::KitOut, 'tees', 1)]),
        );
    }

    /**
     * Each device stamps no earlier than what it has seen, however wrong its clock; the log then tells what was done,
     * in the order it was.
     */
    public function testClocksOfTwoDevicesThatDisagreeChangeNothing(): void
    {
        $this->forAll(Generators::choose(0, 1_000_000), Generators::choose(-90_000, 90_000))->then(function (
            int $seed,
            int $skew,
        ): void {
            $random = new SeededRandom($seed);
            [$events, $latest, $truth, $undone] = [[], 0, [], []];
            for ($step = 0; $step < 24; ++$step) {
                $at = max(100_000 + 1000 * $step + ($random->uniform() < 0.5 ? $skew : 0), $latest + 1);
                $latest = $at;
                $id = sprintf('E%02d%s', $step, $random->uniform() < 0.5 ? 'A' : 'B');
                $balls = array_keys($truth);
                $chance = $random->uniform();
                if ($balls === [] || $chance < 0.4) {
                    $events[] = new BallLogged($id, $at, self::ball(1.0 + $step), new BallOwner());
                    $truth[$id] = 1.0 + $step;
                } elseif ($chance < 0.7) {
                    $which = $balls[(int) ($random->uniform() * count($balls))];
                    $events[] = new BallCorrected($id, $at, $which, self::ball(100.0 + $step));
                    $truth[$which] = 100.0 + $step;
                } else {
                    $which = $balls[(int) ($random->uniform() * count($balls))];
                    $events[] = new EventUndone($id, $at, $which);
                    $undone[$which] = true;
                }
            }
            $expected = array_diff_key($truth, $undone);
            usort($events, static fn(SessionEvent $a, SessionEvent $b): int => strcmp(md5($a->id), md5($b->id)));
            $told = [];
            foreach (SessionLog::fold($events)->putts as $putt) {
                $told[$putt->id] = $putt->ball->roll?->metres();
            }
            self::assertSame($expected, $told);
        });
    }

    public function testAnUndoThatIsStampedBeforeItsBallTakesItBackAllTheSameAndARingStandsStill(): void
    {
        $ball = new BallLogged('B', 2000, self::ball(3.0), new BallOwner());
        self::assertSame([], SessionLog::fold([$ball, new EventUndone('U', 1000, 'B')])->putts);
        self::assertCount(
            1,
            SessionLog::fold([$ball, new EventUndone('U', 1000, 'B'), new EventUndone('V', 500, 'U')])->putts,
        );
        self::assertCount(
            1,
            SessionLog::fold([$ball, new EventUndone('U', 1000, 'V'), new EventUndone('V', 500, 'U')])->putts,
        );
        self::assertSame(2000, SessionLog::fold([$ball, new EventUndone('U', 1000, 'B')])->latestMilliseconds);
    }
}
