<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Check;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckKinds;
use Amble\Core\Check\Kind\EyePosition;
use Amble\Core\Check\Kind\ShoePosition;
use Amble\Core\Check\Kind\Tempo;
use Amble\Core\Check\MadeAttempt;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\TrendPoint;
use Amble\Core\Student\TeachingPreferences;
use Amble\Core\Units\Unit;
use PHPUnit\Framework\TestCase;

/** What checks measure, against figures worked out by hand or put into simulated tries. */
final class MeasuredChecksTest extends TestCase
{
    public function testTheFaceIsAnAngleAndEachBreakAndARoughReadingStandApart(): void
    {
        $aim = static fn(
            float $offset,
            string $break = 'straight',
            string $by = 'mirror',
        ): MadeAttempt => CheckFixtures::try('aim', [
            'offset_m' => $offset,
            'at_m' => 2.0,
            'by' => $by,
            'break' => $break,
        ]);
        $look = CheckFixtures::look([$aim(-0.04), $aim(-0.05), $aim(-0.06), $aim(0.02, 'left', 'line')]);
        // atan(0.05 / 2) is 1.432 degrees; the four average -0.9308.
        self::assertEqualsWithDelta(-0.9308, $look->findings[0]->value, 0.001);
        $rows = array_map(
            static fn(FindingRow $row): array => [$row->name, $row->n, round((float) $row->value, 2)],
            $look->findings[0]->rows,
        );
        self::assertSame(
            [['Straight', 3, -1.43], ['Curving left', 1, 0.57], ['On a drawn line (less exact)', 1, 0.57]],
            $rows,
        );
        self::assertNull(CheckFixtures::look([$aim(-0.04), $aim(0.04)])->cue);
        self::assertStringContainsString(
            'before you correct either',
            (string) CheckFixtures::look([$aim(-0.04), $aim(-0.05), $aim(-0.06)])->cue,
        );
        self::assertEqualsWithDelta(-1.1458, $look->marks[0]->value, 0.001);
    }

    public function testTheOwnEyePlaceIsWhereItLookedInLineLastAndTheEyesAreHeldAgainstIt(): void
    {
        $place = static fn(float $offset, string $seen, string $session): MadeAttempt => CheckFixtures::try(
            'eye_place',
            ['offset_m' => $offset, 'seen' => $seen],
            $session,
        );
        $tries = [
            $place(0.08, 'straight', 'A'),
            $place(-0.02, 'straight', 'B'),
            $place(-0.03, 'straight', 'B'),
            $place(0.05, 'left', 'B'),
        ];
        self::assertEqualsWithDelta(-0.025, EyePosition::best(new StudentChecks($tries)), 1e-9);
        self::assertStringStartsWith(
            '{0.025 s} inside the ball',
            (string) CheckFixtures::look($tries)->findings[0]->sentence,
        );
        $eyes = CheckFixtures::try('eye_line', ['offset_m' => 0.01, 'eye' => 'both'], 'B');
        self::assertEqualsWithDelta(0.035, CheckFixtures::look([...$tries, $eyes])->findings[0]->rows[0]->value, 1e-9);
        self::assertSame(
            'This student sees straight from {0.025 s} inside the ball.',
            CheckFixtures::look([...$tries, $eyes])->cue,
        );
        $again = CheckFixtures::look([...$tries, $place(0.03, 'straight', 'C')]);
        self::assertStringStartsWith('Last time {0.025 s} inside the ball, from 2', (string) $again->since);
        self::assertStringContainsString('find out where', (string) CheckFixtures::look([$eyes])->cue);
        $lead = CheckFixtures::try('eye_line', ['offset_m' => 0.03, 'eye' => 'lead', 'over' => 'back'], 'B');
        self::assertSame(
            [['Between the eyes', 0.01], ['The lead eye', 0.03], ['Over the back edge', 0.03]],
            array_map(
                static fn(FindingRow $row): array => [$row->name, $row->value],
                array_slice(CheckFixtures::look([...$tries, $eyes, $lead])->findings[0]->rows, 1),
            ),
        );
        $taught = TeachingPreferences::of(['eyes' => 'both']);
        self::assertStringContainsString('is taught', (string) CheckFixtures::look([...$tries, $eyes], $taught)->cue);
        self::assertEqualsWithDelta(
            0.01,
            CheckFixtures::look([...$tries, $eyes], $taught)->findings[0]->rows[0]->value,
            1e-9,
        );
    }

    public function testATempoThatDriftsIsFoundWithItsSizeAndOneThatDoesNotIsNotCalled(): void
    {
        $tap = static fn(float $length, float $bpm): MadeAttempt => CheckFixtures::try('tempo', [
            'length_m' => $length,
            'bpm' => (int) round($bpm),
        ]);
        $drifting = array_map(static fn(float $length): MadeAttempt => $tap($length, 700.0 * $length ** 0.1), [
            1.0,
            1.5,
            3.0,
            4.0,
            6.0,
            9.0,
        ]);
        $drift = Tempo::drift(new CheckAttempts($drifting));
        self::assertEqualsWithDelta(9.0 ** 0.1 - 1.0, $drift?->value, 0.002);
        self::assertGreaterThan(0.2, $drift?->interval?->low);
        $even = Tempo::drift(
            new CheckAttempts(array_map($tap, [1.0, 1.5, 3.0, 4.0, 6.0, 9.0], [76, 80, 75, 81, 76, 79])),
        );
        self::assertTrue($even?->interval?->contains(0.0));
        self::assertStringContainsString('not clearly a drift', (string) $even?->sentence);
        self::assertNull(Tempo::drift(new CheckAttempts(array_slice($drifting, 0, 4))));
        self::assertNull(
            Tempo::drift(new CheckAttempts(array_map($tap, [3.0, 3.1, 3.2, 3.3, 3.4], [70, 75, 80, 85, 90]))),
        );
    }

    /** Least squares by hand: lengths 1, 2, 4, 8, 16 have logarithms 0 to 4 times ln 2, so the sums come out round. */
    public function testADriftsIntervalIsTheLinesOwnOnThreeDegreesOfFreedom(): void
    {
        $bpm = [60, 66, 64, 70, 72];
        $drift = Tempo::drift(
            new CheckAttempts(
                array_map(
                    static fn(int $i): MadeAttempt => CheckFixtures::try('tempo', [
                        'length_m' => 2.0 ** $i,
                        'bpm' => $bpm[$i],
                    ]),
                    range(0, 4),
                ),
            ),
        );
        $y = array_map(log(...), $bpm);
        // Per doubling, with weights -2 to 2 over their sum of squares, 10.
        $slope = (-2 * $y[0] - $y[1] + $y[3] + 2 * $y[4]) / 10;
        $mean = array_sum($y) / 5;
        $rest = array_sum(
            array_map(static fn(int $i): float => ($y[$i] - $mean - $slope * ($i - 2)) ** 2, range(0, 4)),
        );
        // Student's t of three degrees, four fifths in the middle: 1.6377 in any table.
        $half = 1.6377 * sqrt($rest / 3 / 10);
        self::assertEqualsWithDelta(exp(4 * $slope) - 1, $drift?->value, 1e-9);
        self::assertEqualsWithDelta(
            [exp(4 * ($slope - $half)) - 1, exp(4 * ($slope + $half)) - 1],
            [$drift?->interval?->low, $drift?->interval?->high],
            1e-4,
        );
        self::assertSame(
            sprintf(
                'From {1.000 m} to {16.000 m} it gets %d %% quicker, likely %+d to %+d %%.',
                round(100 * (exp(4 * $slope) - 1)),
                round(100 * (exp(4 * ($slope - $half)) - 1)),
                round(100 * (exp(4 * ($slope + $half)) - 1)),
            ),
            $drift?->sentence,
        );
        $slower = Tempo::drift(
            new CheckAttempts(
                array_map(
                    static fn(int $i): MadeAttempt => CheckFixtures::try('tempo', [
                        'length_m' => 2.0 ** $i,
                        'bpm' => $bpm[4 - $i],
                    ]),
                    range(0, 4),
                ),
            ),
        );
        self::assertStringContainsString('slower', (string) $slower?->sentence);
    }

    public function testFourRollsDrawACurveAndItIsToldATenthBeyondThem(): void
    {
        $speed = GreenSpeed::ofFeet(9.0);
        $roll = static fn(float $shoe): float => $speed->metres() * 12.0 * $shoe ** 1.8;
        $rolled = static fn(float ...$shoes): array => array_map(
            static fn(float $shoe): MadeAttempt => CheckFixtures::try(
                'shoe_place',
                ['shoe_m' => $shoe, 'roll_m' => $roll($shoe)],
                'S',
                $speed,
            ),
            $shoes,
        );
        self::assertNull(CheckFixtures::finding($rolled(0.15, 0.2, 0.25))?->value);
        $shoe = static fn(float $metres): float => ($metres / $speed->metres() / 12.0) ** (1.0 / 1.8);
        // In metres 3 and 4.5 are told: 2.4 lies more than a tenth short of the shortest roll, 6 beyond the longest.
        $told = static fn(float $from, float $to): array => array_map(
            static fn(array $place): float => round($place[0], 3),
            ShoePosition::places(
                new StudentChecks($rolled($shoe($from), $shoe(3.2), $shoe(3.9), $shoe($to)), null, Unit::Metres),
            ),
        );
        self::assertSame([3.0, 4.5], $told(2.8, 5.0));
        self::assertSame([2.4, 3.0, 4.5], $told(2.6, 5.0));
        self::assertSame([3.0, 4.5, 6.0], $told(2.8, 5.5));
    }

    public function testShoePlacesAreReadFromTheStudentsOwnCurveWithinTheRollsSeen(): void
    {
        $random = new SeededRandom(5);
        $speed = GreenSpeed::ofFeet(9.0);
        // A stroke with roll / speed = 12 B^1.8.
        $tries = array_map(static function (int $i) use ($random, $speed): MadeAttempt {
            $shoe = [0.12, 0.18, 0.26, 0.34][$i % 4];

            return CheckFixtures::try(
                'shoe_place',
                ['shoe_m' => $shoe, 'roll_m' => $speed->metres() * 12.0 * $shoe ** 1.8 * exp(0.03 * $random->normal())],
                'S',
                $speed,
            );
        }, range(0, 19));
        $table = CheckFixtures::finding($tries);
        self::assertNotNull($table);
        foreach ($table->rows as $row) {
            $length = (float) trim($row->name, '{m} ');
            self::assertEqualsWithDelta(
                ($length / $speed->metres() / 12.0) ** (1.0 / 1.8),
                $row->value,
                0.01,
                $row->name,
            );
        }
        // Rolls reach from 0.73 to 4.7 m: nothing is told beyond.
        self::assertSame(
            ['{1.524 m}', '{2.438 m}', '{3.048 m}', '{4.572 m}'],
            array_map(static fn(FindingRow $row): string => $row->name, $table->rows),
        );
        $inMetres = CheckKinds::all()['shoe_place']->findings(
            new CheckAttempts($tries),
            new StudentChecks($tries, null, Unit::Metres),
        )[0];
        self::assertSame('{1.500 m}', $inMetres->rows[0]->name);
        self::assertSame(
            array_map(static fn(FindingRow $row): ?float => $row->value, $table->rows),
            array_column(ShoePosition::places(new StudentChecks($tries)), 1),
        );
        self::assertNull(CheckFixtures::finding(array_slice($tries, 0, 3))?->value);
        $unmeasured = CheckFixtures::finding([CheckFixtures::try('shoe_place', ['shoe_m' => 0.2, 'roll_m' => 3.0])]);
        self::assertSame(
            [null, 'Measure the green: the positions need its speed.'],
            [$unmeasured?->value, $unmeasured?->sentence],
        );
        $downhill = CheckFixtures::look([
            ...$tries,
            CheckFixtures::try('shoe_place', ['shoe_m' => 0.1, 'roll_m' => 4.0, 'ground' => 'down'], 'S', $speed),
        ]);
        self::assertSame(20, $downhill->findings[0]->n);
        self::assertSame(1, $downhill->findings[1]->n);
    }

    public function testWordsAreCountedAndTheHintFollowsWhatMostTriesSay(): void
    {
        $went = static fn(string $way): MadeAttempt => CheckFixtures::try('takeaway', ['went' => $way]);
        $look = CheckFixtures::look([$went('inside'), $went('inside'), $went('straight')]);
        self::assertSame('Of 3: 2 inside, 1 straight.', $look->findings[0]->sentence);
        self::assertEqualsWithDelta(1 / 3, $look->findings[0]->value, 1e-9);
        self::assertStringContainsString('nearer', (string) $look->cue);
        self::assertStringContainsString('farther', (string) CheckFixtures::look([$went('outside')])->cue);
        self::assertNull(CheckFixtures::look([$went('inside'), $went('outside')])->cue);
        $apart = CheckFixtures::look([
            CheckFixtures::try('takeaway', ['went' => 'inside', 'from_ball_m' => 0.4]),
            CheckFixtures::try('takeaway', ['went' => 'inside', 'from_ball_m' => 0.42]),
            $went('inside'),
        ]);
        self::assertEqualsWithDelta(0.41, $apart->findings[1]->value, 1e-9);
        $cord = static fn(string $sees): MadeAttempt => CheckFixtures::try('cord', ['sees' => $sees]);
        self::assertStringContainsString('stand outside', (string) CheckFixtures::look([$cord('inside')])->cue);
        self::assertStringContainsString('stand inside', (string) CheckFixtures::look([$cord('outside')])->cue);
        $struck = static fn(string $way): MadeAttempt => CheckFixtures::try('low_point', ['struck' => $way]);
        self::assertStringContainsString('loft', (string) CheckFixtures::look([$struck('down')])->cue);
        self::assertNull(CheckFixtures::look([$struck('level')])->cue);
        $ball = static fn(float $at): MadeAttempt => CheckFixtures::try('ball_place', ['forward_m' => $at]);
        self::assertStringContainsString(
            'hop',
            (string) CheckFixtures::look([$ball(0.06), $ball(0.062), $ball(0.058)])->cue,
        );
        self::assertStringContainsString(
            'pressed',
            (string) CheckFixtures::look([$ball(-0.06), $ball(-0.062), $ball(-0.058)])->cue,
        );
        self::assertNull(CheckFixtures::look([$ball(-0.06), $ball(0.06)])->cue);
        $lies = CheckFixtures::look([
            CheckFixtures::try('balance', ['weight' => 'toes', 'lie' => 'below']),
            CheckFixtures::try('balance', ['weight' => 'middle', 'lie' => 'level']),
        ]);
        self::assertSame(
            ['Where is the weight?', 'Ball level with the feet', 'Ball below the feet'],
            array_map(static fn($finding): string => $finding->question, $lies->findings),
        );
    }

    public function testOnlyAGripThatTightensIsCuedWhateverItsLevel(): void
    {
        $grip = static fn(int $address, int $impact): MadeAttempt => CheckFixtures::try('grip_pressure', [
            'address' => $address,
            'impact' => $impact,
        ]);
        $tighter = CheckFixtures::look([$grip(3, 6), $grip(4, 6), $grip(3, 5), $grip(3, 6)]);
        self::assertEqualsWithDelta(2.5, $tighter->findings[0]->value, 1e-9);
        self::assertStringContainsString('tightens', (string) $tighter->cue);
        self::assertNull(CheckFixtures::look([$grip(9, 9), $grip(8, 8), $grip(9, 8)])->cue);
        // Two more on average, from tries so unlike that none is as likely.
        self::assertNull(CheckFixtures::look([$grip(2, 7), $grip(6, 5), $grip(3, 9), $grip(8, 6)])->cue);
        self::assertNull(
            CheckFixtures::look([...array_fill(0, 6, $grip(4, 4)), ...array_fill(0, 4, $grip(4, 5))])->cue,
        );
        self::assertSame([3.0, 6.0], [$tighter->marks[0]->value, $tighter->marks[0]->to]);
    }

    public function testAStraightPuttIsWhatTheLastTrialFound(): void
    {
        $trial = static fn(float $break): MadeAttempt => CheckFixtures::try('straight_putt', [
            'break_m' => $break,
            'length_m' => 2.0,
        ]);
        $look = CheckFixtures::look([$trial(0.1), $trial(-0.05), $trial(0.015)]);
        self::assertSame('Yes: the last of 3 trials curved {0.015 s} over {2.000 m}.', $look->findings[0]->sentence);
        self::assertStringStartsWith(
            'Not yet: the last of 2 trials',
            (string) CheckFixtures::finding([$trial(0.0), $trial(0.021)])?->sentence,
        );
        self::assertStringContainsString('station', (string) $look->cue);
    }

    public function testEachSessionIsAPointTheLastIsHeldAgainstTheOneBeforeAndTheBallLimitEnds(): void
    {
        $cord = static fn(string $sees, string $session): MadeAttempt => CheckFixtures::try(
            'cord',
            ['sees' => $sees],
            $session,
        );
        $look = CheckFixtures::look([$cord('on', 'A'), $cord('inside', 'A'), ...array_fill(0, 14, $cord('on', 'B'))]);
        self::assertSame(
            [['A', 0.5, 2], ['B', 1.0, 14]],
            array_map(
                static fn(TrendPoint $point): array => [$point->sessionId, $point->value, $point->n],
                $look->course,
            ),
        );
        self::assertStringStartsWith('Last time 50 %, from 2', (string) $look->since);
        self::assertFalse($look->isPastDose);
        self::assertTrue(CheckFixtures::look(array_fill(0, 15, $cord('on', 'B')))->isPastDose);
        self::assertTrue(
            CheckFixtures::look([
                CheckFixtures::try('frame', ['times' => 40]),
                CheckFixtures::try('frame', ['times' => 20]),
            ])->isPastDose,
        );
        self::assertSame(
            '60 times in 2 sets.',
            CheckFixtures::finding([
                CheckFixtures::try('frame', ['times' => 40]),
                CheckFixtures::try('frame', ['times' => 20]),
            ])?->sentence,
        );
    }

    public function testWhatASensorShowsIsAveragedInItsOwnUnitAndFollowed(): void
    {
        $speed = static fn(float $shown, string $session): MadeAttempt => CheckFixtures::try(
            'impact_speed',
            ['speed_m_s' => $shown, 'length_m' => 3.0],
            $session,
        );
        $look = CheckFixtures::look([
            $speed(1.4, 'A'),
            $speed(1.5, 'A'),
            $speed(1.9, 'B'),
            $speed(2.0, 'B'),
            $speed(2.1, 'B'),
        ]);
        self::assertEqualsWithDelta(2.0, $look->findings[0]->value, 1e-9);
        self::assertMatchesRegularExpression(
            '#^2\.00 m/s, likely 1\.8\d m/s to 2\.1\d m/s, from 3; two in three within 0\.10 m/s of it\.$#',
            (string) $look->findings[0]->sentence,
        );
        self::assertStringStartsWith('Last time 1.45 m/s, from 2', (string) $look->since);
        self::assertSame([3.0, 2.1], [$look->marks[2]->length, $look->marks[2]->value]);
        $loft = CheckFixtures::look([
            CheckFixtures::try('loft_change', ['loft_deg' => -1.5]),
            CheckFixtures::try('loft_change', ['loft_deg' => -2.5]),
        ]);
        self::assertStringStartsWith('2.0° less, likely', (string) $loft->findings[0]->sentence);
        self::assertSame('no change', CheckKinds::all()['loft_change']->inWords(0.04));
        self::assertStringStartsWith(
            '0.71 s, from 1',
            (string) CheckFixtures::look([CheckFixtures::try('time_back', ['time_s' => 0.71])])->findings[0]->sentence,
        );
    }
}
