<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\CallOut;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\GateResult;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is laid out for a device without a network must be what the log would say. */
final class CallOutGraphTest extends DrillTestCase
{
    private const SEED = 5;

    /** @return iterable<string, array{DrillRules}> */
    public static function shipped(): iterable
    {
        $library = JsonInput::parse((string) file_get_contents(__DIR__ . '/../../drills/library.json'));
        foreach ($library->objects('drills') as $drill) {
            yield $drill->text('key', 60) => [DrillRulesReader::read($drill)];
        }
        yield 'restarts where only the ball before can tell' => [
            self::drill(['pass' => ['kind' => 'nearer_than_last'], 'on_miss' => 'restart_station']),
        ];
        yield 'restarts while the window steps' => [
            self::drill(['on_miss' => 'restart_all', 'steps_m' => [1.0, 0.5, 0.2]]),
        ];
    }

    #[DataProvider('shipped')]
    public function testWalkingTheCourseCallsOutWhatTheLogWould(DrillRules $drill): void
    {
        for ($play = 0; $play < 12; ++$play) {
            mt_srand(100 + $play);
            $state = DrillRun::fold($drill, [], self::SEED);
            [$course, $at, $events] = [$state->course, $state->course->at, []];
            for ($ball = 0; $ball < 70 && $at !== null && $state->next !== null; ++$ball) {
                $leg = $course->legs[$at];
                self::assertSame(self::called($state->next), self::called($leg->callOut), "ball $ball");
                $events[] = $event = self::ball(
                    $ball,
                    $state->next->lengthMetres * (0.85 + (0.3 * mt_rand()) / mt_getrandmax()),
                    [
                        'side_m' => (2.0 * mt_rand()) / mt_getrandmax() - 1.0,
                        'gate' => GateResult::cases()[mt_rand(0, 2)]->value,
                        'hit' => mt_rand(0, 1) === 1,
                        'stop' => mt_rand(0, 3) === 0 ? 'holed' : 'free',
                    ],
                );
                $state = DrillRun::fold($drill, $events, self::SEED);
                self::assertTrue(
                    $ball < $course->certain - 1 ? !$state->phase->isOver() : true,
                    'a certain ball was not rolled',
                );
                if ($leg->callOut->acceptance !== null) {
                    self::assertSame($state->last?->passed, $leg->callOut->acceptance->admits($event->ball));
                }
                $passed = $leg->afterPass === $leg->afterMiss ? true : $state->last?->passed;
                $at = $passed === true ? $leg->afterPass : $leg->afterMiss;
            }
            self::assertNotSame([], $events);
        }
    }

    /** @return list<mixed> */
    private static function called(CallOut $callOut): array
    {
        return [$callOut->station, $callOut->lengthMetres, $callOut->ball, $callOut->task];
    }

    public function testWithRestartsTheNextTwentyBallsAreLaidOut(): void
    {
        $drill = self::drill(['balls_per_station' => 2, 'on_miss' => 'restart_all', 'cap' => ['balls' => 40]]);
        $course = DrillRun::fold($drill, [self::ball(0, 4.0)], 1)->course;
        self::assertSame(1, $course->at);
        self::assertSame([0, 0], [$course->legs[1]->afterMiss, $course->legs[0]->afterMiss]);
        self::assertNotNull($course->legs[1]->callOut->acceptance);
        $last = $course->legs[count($course->legs) - 1];
        self::assertNull($last->afterPass);
        self::assertSame(0, $last->afterMiss);
    }

    public function testAPointsGoalIsLaidOutBeyondWhatIsCertain(): void
    {
        $drill = self::drill([
            'points' => ['holed' => 3, 'past' => 1, 'long' => -1, 'short' => -2, 'past_within_m' => 0.6],
            'end' => ['kind' => 'points', 'points' => 6],
            'cap' => ['balls' => 30],
        ]);
        $course = DrillRun::fold($drill, [], 1)->course;
        self::assertSame(2, $course->certain);
        self::assertCount(30, $course->legs);
        self::assertContainsOnlyInstancesOf(
            CallOut::class,
            array_map(static fn($leg): CallOut => $leg->callOut, $course->legs),
        );
    }

    public function testNothingIsLaidOutOnceItIsOver(): void
    {
        $drill = self::drill(['balls_per_station' => 1]);
        $events = array_map(static fn(int $i) => self::ball($i, 4.0), range(0, 5));
        self::assertSame([], DrillRun::fold($drill, $events, 1)->course->legs);
    }
}
