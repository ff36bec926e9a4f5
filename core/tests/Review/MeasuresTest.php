<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Review;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Feel\FeltLength;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Physics;
use Amble\Core\Green\Surface;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Review\BallFilter;
use Amble\Core\Review\Measure\AimBall;
use Amble\Core\Review\Measure\AimSplit;
use Amble\Core\Review\Measure\Causes;
use Amble\Core\Review\Measure\DisturbedBalls;
use Amble\Core\Review\Measure\EffectiveHoleWidth;
use Amble\Core\Review\Measure\FinishPastHole;
use Amble\Core\Review\Measure\FirstAndLast;
use Amble\Core\Review\Measure\GroundCalledRight;
use Amble\Core\Review\Measure\HoledShare;
use Amble\Core\Review\Measure\ImpliedSlope;
use Amble\Core\Review\Measure\LeaveAlongAndAcross;
use Amble\Core\Review\Measure\LowSide;
use Amble\Core\Review\Measure\Marks;
use Amble\Core\Review\Measure\PaceAverage;
use Amble\Core\Review\Measure\PaceInside;
use Amble\Core\Review\Measure\PaceSpread;
use Amble\Core\Review\Measure\ReadError;
use Amble\Core\Review\Measure\ReadErrorByMethod;
use Amble\Core\Review\Measure\RoutineRegularity;
use Amble\Core\Review\Measure\SessionPartsCompared;
use Amble\Core\Review\Measure\SpreadByObservation;
use Amble\Core\Review\Measure\StartAverage;
use Amble\Core\Review\Measure\StartSpread;
use Amble\Core\Review\Measure\StartThrough;
use Amble\Core\Review\Measure\StrokeEvenness;
use Amble\Core\Review\Measure\StrokeSource;
use Amble\Core\Review\Measure\ThroughButMissed;
use Amble\Core\Review\Measure\WithAndWithout;
use Amble\Core\Review\MeasureReport;
use Amble\Core\Review\ReviewQuestion;
use Amble\Core\Review\SlopeClass;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Ground;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\Cause;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\RollContext;
use Amble\Core\Session\SessionPart;
use Amble\Core\Session\Stop;
use Amble\Core\Student\Hand;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** What balls answer to each question, and that nobody is told what nobody looked for. */
final class MeasuresTest extends PropertyTestCase
{
    public function testNothingIsToldOfWhatNobodyLookedFor(): void
    {
        foreach ([[], [BallFixtures::one(null, null, stop: Stop::Unseen)], [BallFixtures::one(3.1, null)]] as $balls) {
            self::assertSame([], MeasureReport::of(BallFixtures::asked($balls), new BallFilter())->answers);
        }
        // A ball at a post says of its length, and of nothing else: that it did not drop is nobody's miss.
        self::assertSame(
            ['pace'],
            array_keys(MeasureReport::of(BallFixtures::asked([BallFixtures::one(3.3)]), new BallFilter())->answers),
        );
    }

    public function testTheTruthOfASimulatedStudentLiesInTheIntervals(): void
    {
        $balls = BallFixtures::practice(
            240,
            [
                'lengthBias' => -0.08,
                'faceBias' => 0.02,
                'aimBias' => -0.008,
                'lineSpread' => 0.026,
                'readShare' => 0.6,
                'feelBias' => 0.1,
            ],
            7,
        );
        $asked = BallFixtures::asked($balls);
        $holds = static function (?Finding $finding, float $truth): void {
            self::assertNotNull($finding?->interval);
            $half = $finding->interval->high - $finding->interval->low;
            self::assertGreaterThan($finding->interval->low - $half, $truth, $finding->sentence);
            self::assertLessThan($finding->interval->high + $half, $truth, $finding->sentence);
        };
        $holds(PaceAverage::of($asked), -0.08);
        $holds(PaceSpread::of($asked), 0.92 * hypot(0.08, 1.7 * 0.05));
        $holds(StartAverage::of($asked), rad2deg(0.012));
        $holds(StartSpread::of($asked), rad2deg(0.026));
        $holds(StrokeEvenness::of($asked), 0.08);
        $split = AimSplit::of($asked);
        self::assertEqualsWithDelta(rad2deg(-0.008), $split?->rows[0]->value, 0.15);
        self::assertEqualsWithDelta(rad2deg(0.02), $split?->value, 0.45);
        self::assertLessThan(-0.05, ReadError::of($asked)?->value);
        self::assertGreaterThan(0.8, LowSide::of($asked)?->value);
        $source = StrokeSource::of($asked);
        self::assertEqualsWithDelta(1.7 * 0.05, $source?->rows[0]->value, 0.015);
        self::assertEqualsWithDelta(0.08, $source?->rows[1]->value, 0.015);
    }

    public function testOrderOfTheBallsChangesNoFigureButFirstAndLast(): void
    {
        $balls = BallFixtures::practice(60, seed: 3);
        for ($seed = 1; $seed <= 5; ++$seed) {
            $random = new SeededRandom($seed);
            $shuffled = $balls;
            usort($shuffled, static fn(): int => $random->uniform() < 0.5 ? -1 : 1);
            foreach (ReviewQuestion::cases() as $question) {
                foreach (
                    $question === ReviewQuestion::Change ? [] : $question->findings(BallFixtures::asked($balls))
                    as $key => $finding
                ) {
                    $again = $question->findings(BallFixtures::asked($shuffled))[$key] ?? null;
                    self::assertEqualsWithDelta($finding->value, $again?->value, 1e-6, $key);
                    self::assertSame($finding->n, $again?->n, $key);
                }
            }
        }
    }

    public function testPaceIsMeasuredFromWhereTheStudentPlaysForAtAHoleAndFromAPostItself(): void
    {
        $atHole = BallFixtures::asked([
            BallFixtures::one(3.3, 3.0, isAtHole: true),
            BallFixtures::one(3.3, 3.0, isAtHole: true),
        ]);
        self::assertEqualsWithDelta(0.0, PaceAverage::of($atHole)?->value, 1e-9);
        self::assertStringContainsString('{0.300 m} past it', (string) PaceAverage::of($atHole)?->sentence);
        $past = FinishPastHole::of($atHole);
        self::assertEqualsWithDelta(0.3, $past?->value, 1e-9);
        self::assertEqualsWithDelta(0.0, $past?->rows[0]->value, 1e-9);
        $atPost = BallFixtures::asked([BallFixtures::one(3.3), BallFixtures::one(3.3)]);
        self::assertEqualsWithDelta(0.1, PaceAverage::of($atPost)?->value, 1e-9);
        self::assertNull(FinishPastHole::of($atPost));
    }

    public function testFirstTriesAndLengthsStandApart(): void
    {
        $balls = [
            BallFixtures::one(3.6, 3.0),
            BallFixtures::one(3.0, 3.0, attempt: 2),
            BallFixtures::one(6.0, 6.0),
            BallFixtures::one(6.2, 6.2, attempt: 2),
        ];
        $inside = PaceInside::of(BallFixtures::asked($balls));
        self::assertSame([4, 0.75], [$inside?->n, $inside?->value]);
        self::assertSame([2, 0.5], [$inside?->first?->n, $inside?->first?->value]);
        self::assertSame(
            ['{3.000 m}', '{6.000 m}'],
            array_map(static fn($row): string => $row->name, $inside->rows ?? []),
        );
        self::assertSame([0.5, 1.0], array_map(static fn($row): ?float => $row->value, $inside->rows ?? []));
    }

    public function testAMissIsOnlyWhatSomebodySaidAndAHoleMakes(): void
    {
        $balls = [
            BallFixtures::one(3.2, 3.0, isAtHole: true),
            BallFixtures::one(null, 3.0, stop: Stop::Holed, isAtHole: true),
            // At a post, and one whose end nobody was asked: neither is a miss.
            BallFixtures::one(3.2, 3.0),
            BallFixtures::one(null, 3.0, stop: Stop::Unseen, isAtHole: true),
        ];
        self::assertSame(
            [2, 0.5],
            [HoledShare::of(BallFixtures::asked($balls))?->n, HoledShare::of(BallFixtures::asked($balls))?->value],
        );
    }

    public function testAGateEasierThanTheHoleClearsNoStart(): void
    {
        $through = static fn(float $gate): RolledBall => BallFixtures::one(
            3.6,
            3.0,
            ['gate' => 'through'],
            isAtHole: true,
            gate: $gate,
        );
        self::assertSame(1, ThroughButMissed::of(BallFixtures::asked([$through(0.055)]))?->n);
        self::assertNull(ThroughButMissed::of(BallFixtures::asked([$through(0.1)])));
        $mixed = StartThrough::of(
            BallFixtures::asked([$through(0.1), $through(0.055), BallFixtures::one(3.0, 3.0, ['start' => 'left'])]),
        );
        self::assertSame(
            ['Gate or line {0.1000 w} wide', 'Gate or line {0.0550 w} wide', 'By eye, left', 'By eye, right'],
            array_map(static fn($row): string => $row->name, $mixed->rows ?? []),
        );
    }

    public function testTheWeakSideIsMirroredByHand(): void
    {
        // Ground that rises to the right sends the ball left: towards a right-hander's feet.
        $low = [
            ...array_map(
                static fn(): RolledBall => BallFixtures::one(3.4, 3.0, ['high_low' => 'low'], across: 2.0),
                range(1, 12),
            ),
            ...array_map(
                static fn(): RolledBall => BallFixtures::one(3.4, 3.0, ['high_low' => 'high'], across: -2.0),
                range(1, 12),
            ),
        ];
        $right = LowSide::of(BallFixtures::asked($low));
        $left = LowSide::of(BallFixtures::asked($low, hand: Hand::Left));
        self::assertSame(['Curving left, towards the feet', 1.0], [$right?->rows[0]->name, $right?->rows[0]->value]);
        self::assertSame('Curving left, away from the feet', $left?->rows[0]->name);
        self::assertStringContainsString(
            'Curving left, towards the feet it is more often low',
            (string) $right?->sentence,
        );
    }

    public function testOnlyMissesAreLowAndOnlySoundPaceTellsTheRead(): void
    {
        $ball = static fn(float $roll, Stop $stop = Stop::Free): RolledBall => BallFixtures::one(
            $roll,
            3.0,
            ['high_low' => 'low', 'read_amount_m' => 0.1],
            across: 2.0,
            stop: $stop,
        );
        $asked = BallFixtures::asked([$ball(3.1), $ball(2.95), $ball(4.5), $ball(3.1, Stop::Holed)]);
        self::assertSame(3, LowSide::of($asked)?->n);
        self::assertSame(3, ReadError::of($asked)?->n);
    }

    public function testABallThatLayBesideABreakingPuttIsHighOrLowWithoutBeingAsked(): void
    {
        $lay = static fn(float $side, float $across, array $more = []): ?string => BallFixtures::one(
            3.2,
            3.0,
            ['side_m' => $side] + $more,
            across: $across,
        )->highOrLow();
        // Rising to the right the low side is the left.
        self::assertSame(
            ['low', 'high', 'high', 'low'],
            [$lay(-0.1, 2.0), $lay(0.1, 2.0), $lay(-0.1, -2.0), $lay(0.1, -2.0)],
        );
        self::assertSame(
            [null, null, 'high'],
            [$lay(-0.1, 0.0), $lay(0.0, 2.0), $lay(-0.1, 2.0, ['high_low' => 'high'])],
        );
        $balls = [
            ...array_map(
                static fn(): RolledBall => BallFixtures::one(3.2, 3.0, ['side_m' => -0.1], across: 2.0),
                range(1, 3),
            ),
            BallFixtures::one(3.2, 3.0, ['side_m' => 0.1], across: 2.0),
            BallFixtures::one(3.2, 3.0, ['side_m' => 0.1]),
        ];
        self::assertSame(
            [4, 0.75],
            [LowSide::of(BallFixtures::asked($balls))?->n, LowSide::of(BallFixtures::asked($balls))?->value],
        );
    }

    public function testAReadToTheWrongSideIsLessThanNoBreak(): void
    {
        $ball = static fn(string $side): RolledBall => BallFixtures::one(
            3.0,
            3.0,
            ['read_amount_m' => 0.1, 'read_side' => $side],
            across: 2.0,
        );
        $value = static fn(string $side): float => (float) ReadError::of(BallFixtures::asked([$ball($side)]))?->value;
        self::assertEqualsWithDelta(-0.2, $value('right') - $value('left'), 1e-9);
    }

    public function testWaysOfReadingAreHeldBesideOneAnother(): void
    {
        $ball = static fn(float $called, array $way): RolledBall => BallFixtures::one(
            3.0,
            3.0,
            ['read_amount_m' => $called] + $way,
            across: 2.0,
        );
        $real = -(float) ReadError::of(BallFixtures::asked([$ball(0.0, [])]))?->value;
        $told = ReadErrorByMethod::of(
            BallFixtures::asked([
                $ball($real + 0.02, ['views_taken' => 3]),
                $ball($real - 0.04, ['views_taken' => 4]),
                $ball($real - 0.1, ['views_taken' => 2]),
                $ball($real, ['aim_by' => 'spot']),
                $ball($real, []),
            ]),
        );
        self::assertSame(
            ['Aimed by a spot', 'Read from one or two places', 'Read from three places or more'],
            array_column($told->rows ?? [], 'name'),
        );
        self::assertEqualsWithDelta([0.0, 0.1, 0.03], array_column($told->rows ?? [], 'value'), 1e-9);
        self::assertSame(4, $told?->n);
        self::assertNull(ReadErrorByMethod::of(BallFixtures::asked([$ball(0.1, ['aim_by' => 'spot'])])));
        // Near and far are the student's own: half-way between the nearest and the furthest place they read from.
        $near = ReadErrorByMethod::of(
            BallFixtures::asked([
                $ball($real + 0.05, ['read_from_m' => 1.0]),
                $ball($real, ['read_from_m' => 7.0]),
                $ball($real + 0.01, ['read_from_m' => 4.0]),
            ]),
        );
        self::assertSame(
            ['Read from nearer than {4.000 m}', 'Read from {4.000 m} behind or further'],
            array_column($near->rows ?? [], 'name'),
        );
        self::assertEqualsWithDelta([0.05, 0.005], array_column($near->rows ?? [], 'value'), 1e-9);
        self::assertNull(
            ReadErrorByMethod::of(
                BallFixtures::asked([$ball(0.1, ['read_from_m' => 3.0]), $ball(0.1, ['read_from_m' => 3.0])]),
            ),
        );
    }

    public function testTheFeetAreHeldAgainstTheGroundThatIsKnown(): void
    {
        $ball = static fn(string $foot, float $across): RolledBall => BallFixtures::one(
            3.0,
            3.0,
            ['higher_foot' => $foot],
            across: $across,
        );
        $feet = [$ball('right', 2.0), $ball('left', -2.0), $ball('left', 2.0), $ball('even', 2.0), $ball('even', 0.0)];
        $told = GroundCalledRight::of(BallFixtures::asked($feet));
        self::assertSame([4, 0.5, []], [$told?->n, $told?->value, $told?->rows]);
        // Up or down by looking, and by picturing water, which runs to the low side and down.
        $seen = static fn(array $said, float $across, float $along): RolledBall => BallFixtures::one(
            3.0,
            3.0,
            $said,
            across: $across,
            grade: $along,
        );
        $more = GroundCalledRight::of(
            BallFixtures::asked([
                ...$feet,
                $seen(['read_grade' => 'up'], 0.0, 1.0),
                $seen(['read_grade' => 'level'], 0.0, -1.0),
                $seen(['read_grade' => 'down'], 0.0, 0.0),
                $seen(['water' => 'left'], 2.0, 0.0),
                $seen(['water' => 'on'], 2.0, -1.0),
                $seen(['water' => 'back'], 2.0, -1.0),
                $seen(['water' => 'right'], 0.0, 0.0),
            ]),
        );
        self::assertSame(
            [['With the feet', 4, 0.5], ['By picturing water', 3, 2 / 3], ['Up or down, by looking', 2, 0.5]],
            array_map(static fn(FindingRow $row): array => [$row->name, $row->n, $row->value], $more->rows ?? []),
        );
    }

    public function testTheAimBallIsToldByTheWayThePuttCurves(): void
    {
        $ball = static fn(string $met, float $across): RolledBall => BallFixtures::one(
            1.8,
            1.8,
            ['aim_ball' => $met],
            across: $across,
        );
        $told = AimBall::of(
            BallFixtures::asked([
                $ball('good', 2.0),
                $ball('good', 2.0),
                $ball('soft', 2.0),
                $ball('hard', -2.0),
                $ball('good', 0.0),
            ]),
        );
        self::assertSame(
            'Curving left, towards the feet: 0 hard, 2 just right, 1 short and low. Curving right, away from the feet: 1 hard, 0 just right, 0 short and low.',
            $told?->sentence,
        );
        self::assertSame([4, 0.5], [$told->n, $told->value]);
    }

    public function testWhatWasLeftOfTheHoleIsToldOfTheBallsThatRanPastIt(): void
    {
        // Dead-centre capture at 1.63 m/s: at three quarters of it half the hole's width is left, √(1 − 3/4).
        $loss = GreenSpeed::ofFeet(9.5)->deceleration();
        $past = (0.75 * Physics::CAPTURE_SPEED) ** 2 / (2.0 * $loss);
        $ball = static fn(float $past, bool $isAtHole = true): RolledBall => BallFixtures::one(
            3.0 + $past,
            3.0,
            isAtHole: $isAtHole,
        );
        $told = EffectiveHoleWidth::of(BallFixtures::asked([$ball($past), $ball(-0.3), $ball($past, false)]));
        self::assertEqualsWithDelta([1, 0.5], [$told?->n, $told?->value], 1e-9);
        $quick = EffectiveHoleWidth::of(BallFixtures::asked([$ball($past), $ball(2.0 * $past)]));
        self::assertEqualsWithDelta([2, 0.25], [$quick?->n, $quick?->value], 1e-9);
        self::assertStringContainsString('1 ran too fast for any of it', (string) $quick?->sentence);
    }

    public function testTheMissesTellTheGroundTheyWereRolledOn(): void
    {
        // On ground of 2 % nobody has said: aimed where 1 % asks for, each ball stays low by what was missing.
        $speed = GreenSpeed::ofFeet(9.5);
        $asks = static fn(float $across): float => (float) (new AimSolver(
            new Ground($speed, Grade::level(), Grade::ofPercent($across)),
            Length::ofMetres(4.0),
            0.3,
        ))
            ->read()
            ->aimOffset();
        $ball = static fn(float $stray): RolledBall => BallFixtures::one(
            4.2,
            4.0,
            ['read_amount_m' => $asks(1.0), 'read_side' => 'left', 'side_m' => $asks(1.0) - $asks(2.0) + $stray],
            isAtHole: true,
        );
        $told = ImpliedSlope::of(BallFixtures::asked(array_map($ball, [-0.02, 0.0, 0.02, 0.01, -0.01])));
        self::assertEqualsWithDelta($asks(2.0), (float) $told?->rows[0]->value, 1e-6);
        self::assertStringContainsString(
            '2.0 % rising to the right, where no slope was entered',
            (string) $told?->sentence,
        );
        self::assertGreaterThan(0.0, $told->rows[0]->interval->high - $told->rows[0]->interval->low);
        [$place] = ImpliedSlope::stationSlopes(BallFixtures::asked(array_map($ball, [-0.02, 0.0, 0.02, 0.01, -0.01])));
        self::assertEqualsWithDelta(
            [4.0, 0.0, 2.0, 5],
            [$place->length, $place->card, $place->across, $place->n],
            0.02,
        );
        self::assertNull(ImpliedSlope::of(BallFixtures::asked(array_map($ball, [-0.02, 0.0, 0.02, 0.01]))));
        // The same length of another session is another place.
        $elsewhere = BallFixtures::one(
            4.2,
            4.0,
            ['read_amount_m' => 0.1, 'read_side' => 'left', 'side_m' => 0.0],
            session: 'Other',
            isAtHole: true,
        );
        self::assertNull(
            ImpliedSlope::of(BallFixtures::asked([...array_map($ball, [-0.02, 0.0, 0.02, 0.01]), $elsewhere])),
        );
        // A ball far off its pace tells nothing of the line.
        self::assertNull(
            ImpliedSlope::of(
                BallFixtures::asked([
                    ...array_map($ball, [-0.02, 0.0, 0.02, 0.01]),
                    BallFixtures::one(
                        6.0,
                        4.0,
                        ['read_amount_m' => 0.1, 'read_side' => 'left', 'side_m' => 0.0],
                        isAtHole: true,
                    ),
                ]),
            ),
        );
    }

    public function testHeldAndRoutineAreLaidBesideTheBallsWithout(): void
    {
        $ball = static fn(bool $held, float $roll): RolledBall => BallFixtures::one($roll, 3.0, ['held' => $held]);
        $balls = [
            ...array_map(static fn(): RolledBall => $ball(true, 3.0), range(1, 10)),
            ...array_map(static fn(int $i): RolledBall => $ball(false, $i < 3 ? 3.0 : 4.0), range(1, 10)),
        ];
        $told = WithAndWithout::of(BallFixtures::asked($balls));
        self::assertEqualsWithDelta(0.8, $told?->value, 1e-9);
        self::assertStringContainsString('a clear difference', (string) $told?->sentence);
        self::assertNull(WithAndWithout::of(BallFixtures::asked(array_slice($balls, 0, 10))));
    }

    public function testLongerLooksAtTheTargetAreComparedWithShorterOnesOfTheSameBalls(): void
    {
        $looked = static fn(float $seconds, float $roll): RolledBall => BallFixtures::one($roll, 3.0, [
            'look_s' => $seconds,
        ]);
        $balls = [
            ...array_map(static fn(int $i): RolledBall => $looked(5.0 + $i, 3.1), range(0, 9)),
            ...array_map(static fn(int $i): RolledBall => $looked(1.0 + 0.1 * $i, $i < 8 ? 4.0 : 3.0), range(0, 9)),
        ];
        // A ball that nobody timed is neither a long look nor a short one.
        $told = WithAndWithout::of(BallFixtures::asked([...$balls, BallFixtures::one(4.0)]));
        self::assertEqualsWithDelta(1.0 - 0.2, $told?->value, 1e-9);
        self::assertSame(20, $told?->n);
        self::assertStringContainsString(
            'With a longer look at the target 10 of 10 within 10 %, with a shorter look 2 of 10: a clear difference.',
            (string) $told?->sentence,
        );
    }

    public function testCausesAndMarksAreCountedAndMarkedBallsStayOutOfFigures(): void
    {
        $balls = [
            BallFixtures::one(2.0, cause: Cause::Read),
            BallFixtures::one(2.0, cause: Cause::Read),
            BallFixtures::one(2.0, cause: Cause::Pace),
            BallFixtures::one(1.0, mark: BallMark::Bumps),
            BallFixtures::one(3.0),
        ];
        self::assertSame(
            'Of 3 misses with a cause: 2 read, 1 distance.',
            Causes::of(BallFixtures::asked($balls))?->sentence,
        );
        self::assertStringContainsString(
            'Of 5 balls: 1 bumped off its roll.',
            (string) Marks::of(BallFixtures::asked($balls))?->sentence,
        );
        self::assertSame(4, PaceAverage::of(BallFixtures::asked($balls))?->n);
    }

    public function testTheLeaveIsSplitAlongAndAcross(): void
    {
        $told = LeaveAlongAndAcross::of(
            BallFixtures::asked([
                BallFixtures::one(3.4, 3.0, ['side_m' => -0.1]),
                BallFixtures::one(2.8, 3.0, ['side_m' => 0.3]),
                BallFixtures::one(9.0),
            ]),
        );
        self::assertEqualsWithDelta(0.3, $told?->rows[0]->value, 1e-9);
        self::assertEqualsWithDelta(0.2, $told?->rows[1]->value, 1e-9);
        self::assertSame(2, $told?->n);
    }

    /** At each length the earlier half against the later one; the ball in the middle of an odd number is of neither. */
    public function testFirstAndLastLeaveTheMiddleBallOut(): void
    {
        $rolls = static fn(float $target, array $errors): array => array_map(
            static fn(float $error): RolledBall => BallFixtures::one($target * (1.0 + $error), $target),
            $errors,
        );
        $finding = FirstAndLast::of(
            BallFixtures::asked([
                ...$rolls(3.0, [-0.3, -0.1, 0.0, 0.9, 0.02, 0.06, 0.1]),
                ...$rolls(6.0, [-0.2, 0.0, 0.02, 0.1]),
            ]),
        );
        self::assertSame([10, 5, 5], [$finding?->n, $finding?->rows[0]->n, $finding?->rows[1]->n]);
        self::assertEqualsWithDelta(
            [(-0.3 - 0.1 + 0.0 - 0.2 + 0.0) / 5, (0.02 + 0.06 + 0.1 + 0.02 + 0.1) / 5],
            [$finding?->rows[2]->value, $finding?->rows[3]->value],
            1e-9,
        );
    }

    /** The same putts seen in a mirror need the same aim on the other side. */
    public function testAnAimThatIsNeededIsTheOtherWayRoundOnTheOtherSide(): void
    {
        $aim = static fn(int $turned): float => ImpliedSlope::stationSlopes(
            BallFixtures::asked(
                array_map(
                    static fn(float $off): RolledBall => BallFixtures::one(
                        4.3,
                        4.0,
                        [
                            'read_amount_m' => 0.2,
                            'read_side' => $turned > 0 ? 'left' : 'right',
                            'side_m' => $turned * (0.05 + $off),
                        ],
                        across: 2.0 * $turned,
                        isAtHole: true,
                    ),
                    [-0.02, -0.01, 0.0, 0.01, 0.02],
                ),
            ),
        )[0]->aim;
        // Aimed two tenths right of the hole and half a tenth right of it still: a tenth and a half was needed.
        self::assertEqualsWithDelta([0.15, -0.15], [$aim(1), $aim(-1)], 1e-9);
    }

    public function testFirstTriesStandApartOnlyWhereThereWereLaterOnes(): void
    {
        $balls = static fn(int $attempt, float $wide): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(3.0 * (1.0 + $wide * (($i % 3) - 1)), attempt: $attempt),
            range(1, 12),
        );
        $apart = PaceSpread::of(BallFixtures::asked([...$balls(1, 0.1), ...$balls(2, 0.02)]));
        self::assertSame(['First attempts', 12, 24], [$apart?->first?->name, $apart?->first?->n, $apart?->n]);
        self::assertGreaterThan($apart?->value, $apart?->first?->value);
        self::assertNull(PaceSpread::of(BallFixtures::asked($balls(1, 0.1)))?->first);
    }

    public function testTheLastBallsAreDrawnAndABallOnTheLineIsOnNoSide(): void
    {
        $balls = array_map(
            static fn(int $i): RolledBall => BallFixtures::one(3.0 + 0.001 * $i),
            range(1, 3 * MeasureReport::MOST_DRAWN),
        );
        $look = MeasureReport::of(BallFixtures::asked($balls), new BallFilter());
        self::assertSame([count($balls), MeasureReport::MOST_DRAWN], [$look->n, count($look->balls)]);
        self::assertSame(array_slice($balls, -MeasureReport::MOST_DRAWN), $look->balls);
        $across = LeaveAlongAndAcross::of(
            BallFixtures::asked([
                BallFixtures::one(3.1, 3.0, ['side_m' => 0.0]),
                BallFixtures::one(3.1, 3.0, ['side_m' => -0.1]),
                BallFixtures::one(2.9, 3.0, ['side_m' => 0.2]),
            ]),
        );
        self::assertSame(
            'Off by {0.100 m} along the line and {0.100 m} across it; 1 left, 1 right.',
            $across?->sentence,
        );
    }

    public function testFirstAndLastAreOfTheSameLengthsAndCalledOnlyByTheRule(): void
    {
        $roll = static fn(int $i, float $spread): float => 3.0 * (1.0 + $spread * (($i % 5) - 2));
        $settled = array_map(
            static fn(int $i): RolledBall => BallFixtures::one($roll($i, $i < 20 ? 0.12 : 0.01)),
            range(0, 39),
        );
        self::assertStringContainsString(
            'clearly smaller',
            (string) FirstAndLast::of(BallFixtures::asked($settled))?->sentence,
        );
        $same = array_map(static fn(int $i): RolledBall => BallFixtures::one($roll($i, 0.1)), range(0, 39));
        self::assertStringContainsString(
            'no clear change',
            (string) FirstAndLast::of(BallFixtures::asked($same))?->sentence,
        );
        // Short ones first and long ones last are no change of their own.
        $moved = [
            ...array_map(static fn(int $i): RolledBall => BallFixtures::one($roll($i, 0.1)), range(0, 19)),
            ...array_map(static fn(int $i): RolledBall => BallFixtures::one(2 * $roll($i, 0.02), 6.0), range(0, 19)),
        ];
        self::assertStringContainsString(
            'no clear change',
            (string) FirstAndLast::of(BallFixtures::asked($moved))?->sentence,
        );
    }

    public function testABaselineIsHeldAgainstWhatWasTriedAgainAndAHandfulSaysSo(): void
    {
        $part = static fn(SessionPart $part, int $holed, int $n, float $roll): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                $i <= $holed ? null : $roll * (1.0 + 0.02 * (($i % 3) - 1)),
                3.0,
                stop: $i <= $holed ? Stop::Holed : Stop::Free,
                isAtHole: true,
                during: new RollContext($part),
            ),
            range(1, $n),
        );
        $work = $part(SessionPart::Work, 10, 10, 3.0);
        $finding = SessionPartsCompared::of(
            BallFixtures::asked([
                ...$part(SessionPart::Baseline, 1, 10, 2.6),
                ...$work,
                ...$part(SessionPart::Retest, 8, 10, 3.2),
            ]),
        );
        self::assertEqualsWithDelta(0.7, $finding?->value, 1e-9);
        self::assertStringContainsString('Holed 1 of 10, then 8 of 10: clearly more.', (string) $finding?->sentence);
        self::assertStringContainsString('10 balls and 10 balls: so few', (string) $finding?->sentence);
        self::assertSame(20, $finding?->n);
        $many = SessionPartsCompared::of(
            BallFixtures::asked([
                ...$part(SessionPart::Baseline, 9, 20, 2.6),
                ...$part(SessionPart::Retest, 10, 20, 3.2),
            ]),
        );
        self::assertStringContainsString('no clear change', (string) $many?->sentence);
        self::assertStringContainsString('clearly longer', (string) $many?->sentence);
        self::assertStringNotContainsString('handful', (string) $many?->sentence);
        self::assertNull(SessionPartsCompared::of(BallFixtures::asked($work)));
    }

    public function testWhatWentOnAroundIsToldAndDropsNoBall(): void
    {
        $balls = static fn(array $disturbances, float $roll, int $n): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                $roll,
                3.0,
                during: new RollContext(null, $disturbances),
            ),
            range(1, $n),
        );
        $asked = BallFixtures::asked([...$balls([Disturbance::Filmed], 2.0, 12), ...$balls([], 3.0, 12)]);
        $finding = DisturbedBalls::of($asked);
        self::assertSame(
            'With filmed 0 of 12 within 10 %, otherwise 12 of 12: a clear difference. All of them stay in the figures.',
            $finding?->sentence,
        );
        self::assertSame([12, 24], [$finding?->n, PaceAverage::of($asked)?->n]);
        self::assertNull(DisturbedBalls::of(BallFixtures::asked($balls([], 3.0, 5))));
    }

    public function testAPreferencesFirstQuestionStandsFirstAndNoneIsLost(): void
    {
        self::assertSame(ReviewQuestion::cases(), ReviewQuestion::inOrder('order'));
        self::assertSame(
            [ReviewQuestion::Reads, ReviewQuestion::Pace],
            array_slice(ReviewQuestion::inOrder('reads'), 0, 2),
        );
        self::assertCount(count(ReviewQuestion::cases()), ReviewQuestion::inOrder('stroke'));
    }

    public function testSpreadsAreComparedByWhatWasSeenWhereEachWordHasEnough(): void
    {
        $balls = static fn(string $through, float $spread, int $n): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(3.0 * (1.0 + $spread * (($i % 3) - 1)), 3.0, [
                'through' => $through,
            ]),
            range(1, $n),
        );
        $finding = SpreadByObservation::of(
            BallFixtures::asked([...$balls('equal', 0.02, 9), ...$balls('past', 0.1, 9), ...$balls('compact', 0.1, 3)]),
        );
        self::assertMatchesRegularExpression(
            '/^The through-swing: as long as the backstroke 2 % \(9\), The through-swing: past the lead shoe 9 % \(9\)\.$/',
            (string) $finding?->sentence,
        );
        self::assertNull(SpreadByObservation::of(BallFixtures::asked($balls('equal', 0.02, 9))));
    }

    public function testBallsArePickedByLengthSlopeDrillPutterAndTime(): void
    {
        $balls = [
            BallFixtures::one(target: 3.0),
            BallFixtures::one(target: 3.29),
            BallFixtures::one(target: 3.4),
            BallFixtures::one(target: 6.0, across: 2.0, putter: 'Old'),
            BallFixtures::one(target: 6.0, grade: -3.0, drill: 'gate'),
            BallFixtures::one(target: 6.0, grade: 0.4),
        ];
        $n = static fn(BallFilter $filter): int => MeasureReport::of(BallFixtures::asked($balls), $filter)->n;
        self::assertSame(
            [6, 2, 1, 1, 4, 1, 1],
            [
                $n(new BallFilter()),
                $n(new BallFilter(near: 3.0)),
                $n(new BallFilter(slope: SlopeClass::Across)),
                $n(new BallFilter(slope: SlopeClass::Down)),
                $n(new BallFilter(slope: SlopeClass::Level)),
                $n(new BallFilter(drill: 'gate')),
                $n(new BallFilter(putter: 'Old')),
            ],
        );
        self::assertSame(2, $n(new BallFilter(from: $balls[4]->atMilliseconds)));
        self::assertSame(1, $n(new BallFilter(from: $balls[1]->atMilliseconds, to: $balls[1]->atMilliseconds)));
        self::assertSame(
            [2, 1, 3],
            array_column(MeasureReport::of(BallFixtures::asked($balls), new BallFilter())->lengths, 1),
        );
    }

    public function testTheOtherSurfaceIsNeverPooled(): void
    {
        $asked = BallFixtures::asked([BallFixtures::one(3.0), BallFixtures::one(9.0, surface: Surface::Mat)]);
        self::assertSame(1, PaceAverage::of($asked)?->n);
    }

    public function testFeelIsToldApartFromPace(): void
    {
        // Everything rolled long and felt as it was: no bias of the feel, though wrong calls can only be short.
        $random = new SeededRandom(5);
        $calls = array_map(static function () use ($random): array {
            $error = 0.12 + 0.06 * $random->normal();

            return [LengthCall::of($error + 0.05 * $random->normal(), 0.1), $error];
        }, range(1, 400));
        self::assertEqualsWithDelta(0.0, FeltLength::fit($calls, 0.1)?->mean, 0.015);
        $shifted = array_map(static fn(array $call): array => [$call[0], $call[1] - 0.15], $calls);
        self::assertEqualsWithDelta(0.15, FeltLength::fit($shifted, 0.1)?->mean, 0.015);
        self::assertNull(FeltLength::fit([], 0.1));
    }

    public function testARoutineIsKeptToWhereItsCountsAreTheSameEachTime(): void
    {
        $balls = array_map(static fn(array $seen): RolledBall => BallFixtures::one(seen: $seen), [
            ['looks' => 3],
            ['looks' => 2, 'rehearsals' => 1],
            ['looks' => 2],
            ['looks' => 0],
            ['looks' => 2],
            ['rehearsals' => 1],
            [],
        ]);
        $found = RoutineRegularity::of(BallFixtures::asked($balls));
        self::assertSame('Looks 2 before 3 of 5; Rehearsals 1 before 2 of 2.', $found?->sentence);
        self::assertSame(
            [['Looks 2', 3, 5], ['Looks 0', 1, 5], ['Looks 3', 1, 5], ['Rehearsals 1', 2, 2]],
            array_map(static fn(FindingRow $row): array => [$row->name, $row->count(), $row->n], $found->rows),
        );
        self::assertEqualsWithDelta(0.6, $found->value, 1e-12);
        self::assertNull(RoutineRegularity::of(BallFixtures::asked([BallFixtures::one()])));
    }
}
