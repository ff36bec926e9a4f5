<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Evidence;

use Amble\Core\Device\DeviceKind;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\BallTask;
use Amble\Core\Evidence\ExcludedBalls;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\ForFeel;
use Amble\Core\Evidence\ForReads;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\MeasurementAt;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Evidence\Selection;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Surface;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Ball;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\Observations;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which balls count for which measure, and why the others do not: one table a measure. */
final class SelectionsTest extends TestCase
{
    /**
     * A ball that counts for every measure, but for what is changed.
     *
     * @param array<string, string|bool|int|float|null> $seen
     */
    private static function ball(
        ?float $backstroke = 0.25,
        ?float $roll = 4.2,
        Stop $stop = Stop::Free,
        ?float $target = 4.0,
        ?BallMark $mark = null,
        array $seen = [],
        float $gradePercent = 0.0,
        ?float $speedFeet = 10.0,
        bool $isOfTheDay = true,
        Surface $surface = Surface::Grass,
        ?BallTask $task = null,
        ?float $aidWidth = 0.08,
        bool $isAidChecked = true,
        ?LengthCall $word = LengthCall::On,
        float $acrossPercent = 2.0,
        ?float $runOn = null,
    ): RolledBall {
        $length = static fn(?float $metres): ?Length => $metres === null ? null : Length::ofMetres($metres);
        $speed = $speedFeet === null ? null : GreenSpeed::ofFeet($speedFeet);

        return new RolledBall(
            'B',
            1_000,
            'S',
            Ball::seen(
                $length($backstroke),
                $length($roll),
                $stop,
                $length($target),
                Grade::ofPercent($gradePercent),
                new Remarks($mark),
                sight: Observations::answered($seen + ['gate' => 'through', 'call' => 'on', 'high_low' => 'low']),
                runOn: $length($runOn),
                across: Grade::ofPercent($acrossPercent),
            ),
            surface: $surface,
            reading: new MeasurementInForce(
                new MeasurementAt(500, 'S', $speed, 0.03),
                $isOfTheDay,
                $isOfTheDay ? 0 : 6,
            ),
            task: $task,
            word: $word,
            aid: AidKind::Gate,
            aidWidth: $aidWidth,
            aidDistance: 0.6,
            isAidChecked: $isAidChecked,
        );
    }

    #[DataProvider('balls')]
    public function testWhetherABallCounts(Selection $selection, RolledBall $ball, ?ExcludedBalls $why): void
    {
        self::assertSame($why, $selection->leavesOut($ball));
        self::assertCount($why === null ? 1 : 0, $selection->of([$ball]));
        self::assertSame($why === null ? [] : [$why->value => 1], $selection->reasons([$ball]));
    }

    /** @return iterable<string, array{Selection, RolledBall, ExcludedBalls|null}> */
    public static function balls(): iterable
    {
        $marks = [
            [BallMark::Mishit, ExcludedBalls::Mishit],
            [BallMark::Bumps, ExcludedBalls::Bumps],
            [BallMark::Distraction, ExcludedBalls::Distraction],
            [BallMark::Doubt, ExcludedBalls::Doubt],
        ];
        $all = [
            'stroke' => new ForStroke(Surface::Grass),
            'distance' => new ForDistance(Surface::Grass),
            'start line' => new ForStartLine(),
            'reads' => new ForReads(),
            'feel' => new ForFeel(),
        ];
        foreach ($all as $name => $selection) {
            yield "$name: a sound ball" => [$selection, self::ball(), null];
            if (in_array($name, ['stroke', 'distance', 'start line'], true)) {
                yield "$name: rolled by hand" => [
                    $selection,
                    self::ball(task: BallTask::RollByHand),
                    ExcludedBalls::NoPutt,
                ];
                yield "$name: played with a wedge" => [
                    $selection,
                    self::ball(seen: ['club' => 'wedge']),
                    ExcludedBalls::NoPutt,
                ];
                yield "$name: putted from the fringe" => [
                    $selection,
                    self::ball(seen: ['club' => 'putter', 'lie' => 'fringe']),
                    ExcludedBalls::NoPutt,
                ];
                yield "$name: played with the putter, and said so" => [
                    $selection,
                    self::ball(seen: ['club' => 'putter']),
                    null,
                ];
            }
            foreach ($marks as [$mark, $why]) {
                yield "$name: marked $mark->value" => [$selection, self::ball(mark: $mark), $why];
            }
        }
        $stroke = $all['stroke'];
        yield 'stroke: rolled on a mat' => [$stroke, self::ball(surface: Surface::Mat), ExcludedBalls::OtherSurface];
        yield 'stroke: a mat among mats' => [new ForStroke(Surface::Mat), self::ball(surface: Surface::Mat), null];
        yield 'stroke: holed' => [$stroke, self::ball(roll: null, stop: Stop::Holed), ExcludedBalls::HoledUnjudged];
        yield 'stroke: holed with a judged pace' => [$stroke, self::ball(stop: Stop::Holed), null];
        yield 'stroke: unseen' => [$stroke, self::ball(roll: null, stop: Stop::Unseen), ExcludedBalls::Unmeasured];
        foreach ([Stop::Edge, Stop::Rod, Stop::Ball, Stop::Post, Stop::Target, Stop::Other] as $stop) {
            yield "stroke: cut short by $stop->value" => [$stroke, self::ball(stop: $stop), ExcludedBalls::CutShort];
        }
        yield 'stroke: cut short, a run-on judged by eye' => [
            $stroke,
            self::ball(stop: Stop::Ball, runOn: 0.4),
            ExcludedBalls::CutShort,
        ];
        yield 'stroke: off the toe' => [$stroke, self::ball(seen: ['strike' => 'toe']), ExcludedBalls::OffTheMiddle];
        yield 'stroke: off the heel' => [$stroke, self::ball(seen: ['strike' => 'heel']), ExcludedBalls::OffTheMiddle];
        yield 'stroke: off the middle of the face' => [$stroke, self::ball(seen: ['strike' => 'middle']), null];
        yield 'stroke: no backstroke' => [$stroke, self::ball(backstroke: null), ExcludedBalls::NoBackstroke];
        yield 'stroke: green unknown' => [$stroke, self::ball(speedFeet: null), ExcludedBalls::NoSpeed];
        yield 'stroke: green measured last week' => [
            $stroke,
            self::ball(isOfTheDay: false),
            ExcludedBalls::NotOfTheDay,
        ];
        yield 'stroke: a slope nothing stops on' => [
            $stroke,
            self::ball(gradePercent: -9.0),
            ExcludedBalls::NeverStops,
        ];

        $distance = $all['distance'];
        yield 'distance: at no target' => [$distance, self::ball(target: null), ExcludedBalls::NoTarget];
        yield 'distance: unseen' => [$distance, self::ball(roll: null, stop: Stop::Unseen), ExcludedBalls::Unmeasured];
        yield 'distance: holed, pace unjudged' => [$distance, self::ball(roll: null, stop: Stop::Holed), null];
        yield 'distance: cut short' => [$distance, self::ball(stop: Stop::Edge), null];
        yield 'distance: rolled on a mat' => [
            $distance,
            self::ball(surface: Surface::Mat),
            ExcludedBalls::OtherSurface,
        ];
        foreach ([BallTask::Past, BallTask::Short, BallTask::RehearseSoft, BallTask::RehearseStrong] as $task) {
            yield "distance: told $task->value" => [$distance, self::ball(task: $task), ExcludedBalls::ToldOtherwise];
        }
        yield 'distance: told exact' => [$distance, self::ball(task: BallTask::Exact), null];
        yield 'distance: green unknown' => [$distance, self::ball(speedFeet: null), null];

        $line = $all['start line'];
        yield 'start line: nobody looked' => [$line, self::ball(seen: ['gate' => null]), ExcludedBalls::NotAsked];
        yield 'start line: a gate nobody checked' => [$line, self::ball(isAidChecked: false), ExcludedBalls::Unchecked];
        yield 'start line: a line of no size' => [$line, self::ball(aidWidth: null), ExcludedBalls::NoSize];
        yield 'start line: seen by eye' => [
            $line,
            self::ball(seen: ['gate' => null, 'start' => 'left']),
            ExcludedBalls::ByEye,
        ];
        yield 'start line: passed a spot on one side' => [
            $line,
            self::ball(seen: ['gate' => null, 'spot' => 'right']),
            ExcludedBalls::ByEye,
        ];
        yield 'start line: on line by eye' => [
            $line,
            self::ball(seen: ['gate' => null, 'start' => 'on']),
            ExcludedBalls::ByEye,
        ];

        yield 'start line: measured by a sensor' => [
            $line,
            self::ball(isAidChecked: false, seen: ['gate' => null, 'start_deg' => 1.2]),
            null,
        ];

        yield 'reads: nobody looked' => [
            $all['reads'],
            self::ball(seen: ['high_low' => null]),
            ExcludedBalls::NotAsked,
        ];
        yield 'reads: a straight putt' => [$all['reads'], self::ball(acrossPercent: 0.0), ExcludedBalls::Straight];
        yield 'feel: not called' => [$all['feel'], self::ball(seen: ['call' => null]), ExcludedBalls::NotAsked];
        yield 'feel: its length is not known' => [
            $all['feel'],
            self::ball(target: null, word: null),
            ExcludedBalls::NoWord,
        ];
    }

    public function testTheWidthInForceBoundsTheStartLine(): void
    {
        $line = new ForStartLine();
        [$wide] = $line->bounds([self::ball(aidWidth: 0.12)]);
        [$narrow] = $line->bounds([self::ball(aidWidth: 0.06)]);
        self::assertEqualsWithDelta(atan((0.06 - 0.02135) / 0.6), $wide->high, 1e-4);
        self::assertEqualsWithDelta(atan((0.03 - 0.02135) / 0.6), $narrow->high, 1e-4);
        [$left] = $line->bounds([self::ball(seen: ['gate' => 'left'])]);
        self::assertSame(-INF, $left->low);
        self::assertLessThan(0.0, $left->high);
    }

    /** Using the sided answers and dropping "on" would move the bias outward. */
    public function testWhatAnEyeToldIsCountedBesideAndNeverMixedWithGates(): void
    {
        $eye = static fn(string $word, array $seen = []): RolledBall => self::ball(
            seen: ['gate' => null, 'start' => $word] + $seen,
        );
        $balls = [
            $eye('left'),
            $eye('right'),
            $eye('right'),
            $eye('on'),
            self::ball(seen: ['gate' => null, 'spot' => 'over']),
            self::ball(seen: ['gate' => 'left']),
        ];
        self::assertCount(1, (new ForStartLine())->bounds($balls));
        self::assertSame(['left' => 1, 'on' => 2, 'right' => 2], ForStartLine::countsByEye($balls));
        self::assertSame(
            ['left' => 0, 'on' => 0, 'right' => 0],
            ForStartLine::countsByEye([self::ball(mark: BallMark::Mishit, seen: ['gate' => null, 'start' => 'left'])]),
        );
    }

    public function testASensorsErrorIsNotTakenForTheStudentsScatter(): void
    {
        $random = new SeededRandom(17);
        [$true, $error] = [0.4, DeviceKind::StrokeSensor->errorOf('start_deg')];
        $read = array_map(
            static fn(): float => 0.5 +
                $true * $random->normal() +
                sqrt(3.0) * $error * (2.0 * $random->uniform() - 1.0),
            range(1, 400),
        );
        $fit = (new DirectionFitter())->fit(
            (new ForStartLine())->bounds(
                array_map(
                    static fn(float $degrees): RolledBall => self::ball(
                        seen: ['gate' => null, 'start_deg' => $degrees],
                    ),
                    $read,
                ),
            ),
        );

        self::assertEqualsWithDelta(0.5, rad2deg((float) $fit->bias), 0.06);
        self::assertEqualsWithDelta($true, rad2deg((float) $fit->spread), 0.06);
        // With the error taken for scatter it would be 0.5°.
        self::assertGreaterThan($true + 0.08, sqrt((float) Sample::variance($read)));
    }

    public function testAHoledBallEntersBiasOnlyWithAJudgedPaceAndACutShortOneTellsAtLeast(): void
    {
        $putts = (new ForDistance(Surface::Grass))->putts([
            self::ball(roll: null, stop: Stop::Holed),
            self::ball(roll: 4.4, stop: Stop::Holed),
            self::ball(roll: 3.0, stop: Stop::Ball),
            self::ball(roll: 3.0, stop: Stop::Ball, runOn: 0.8),
            self::ball(roll: 4.2),
        ]);
        self::assertSame([true, null], [$putts[0]->isHoled, $putts[0]->error]);
        self::assertSame([true, 0.1], [$putts[1]->isHoled, round((float) $putts[1]->error?->low, 9)]);
        self::assertSame([-0.25, INF], [$putts[2]->error?->low, $putts[2]->error?->high]);
        self::assertEqualsWithDelta(-0.05, $putts[3]->error?->low, 1e-12);
        self::assertTrue($putts[4]->error?->isExact());
        self::assertSame(
            [[LengthCall::On, LengthCall::Long]],
            (new ForFeel())->pairs([self::ball(word: LengthCall::Long)]),
        );
        self::assertSame(
            [1],
            array_keys((new ForStroke(Surface::Grass))->putts([self::ball(backstroke: null), self::ball()])),
        );
    }
}
