<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Review;

use Amble\Core\Check\StudentChecks;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FindingRow;
use Amble\Core\Review\Measure\AimSplit;
use Amble\Core\Review\Measure\StartAverage;
use Amble\Core\Review\Measure\StartByBreak;
use Amble\Core\Review\Measure\StartLines;
use Amble\Core\Review\Measure\StartSpread;
use Amble\Core\Review\Measure\StartThrough;
use Amble\Core\Student\Hand;
use Amble\Core\Tests\Check\CheckFixtures;
use PHPUnit\Framework\TestCase;

/** What starts tell from gates and looks mixed, and what is said where they tell no angle. */
final class StartMeasuresTest extends TestCase
{
    /** @return list<RolledBall> so many through, left and right of a gate */
    private static function gated(int $through, int $left, int $right, float $width = BallFixtures::GATE): array
    {
        $balls = [];
        foreach (['through' => $through, 'left' => $left, 'right' => $right] as $result => $n) {
            for ($i = 0; $i < $n; ++$i) {
                $balls[] = BallFixtures::one(3.0, 3.0, ['gate' => $result], gate: $width);
            }
        }

        return $balls;
    }

    public function testMissesOnBothSidesTellAngleAndSpread(): void
    {
        $asked = BallFixtures::asked(self::gated(20, 6, 6));
        $average = StartAverage::of($asked);
        self::assertEqualsWithDelta(0.0, $average?->value, 1e-6);
        self::assertStringContainsString('not clearly off', (string) $average?->sentence);
        self::assertGreaterThan(0.8, StartSpread::of($asked)?->value);
        $right = StartAverage::of(BallFixtures::asked(self::gated(16, 2, 22)));
        self::assertGreaterThan(0.4, $right?->interval?->low);
        self::assertMatchesRegularExpression(
            '/^On average \d\.\d° right, likely \d\.\d° to \d\.\d°\.$/',
            (string) $right?->sentence,
        );
    }

    public function testAllThroughTellsABoundAndTheGateThatWouldTellMore(): void
    {
        $asked = BallFixtures::asked(self::gated(20, 0, 0));
        self::assertNull(StartAverage::of($asked)?->value);
        $spread = StartSpread::of($asked);
        self::assertNull($spread?->value);
        self::assertMatchesRegularExpression(
            '/^All 20 passed: the spread is below \d\.\d°.* would show more\.$/',
            (string) $spread?->sentence,
        );
    }

    public function testMissesOnOneSideOnlySayThatAndNoAngle(): void
    {
        $average = StartAverage::of(BallFixtures::asked(self::gated(14, 0, 6)));
        self::assertNull($average?->value);
        self::assertStringContainsString('All 6 misses of 20 are on the right', (string) $average?->sentence);
        self::assertNull(StartSpread::of(BallFixtures::asked(self::gated(14, 0, 6))));
        self::assertSame([0, 6], StartLines::sides(BallFixtures::asked(self::gated(14, 0, 6))));
    }

    public function testStartsByEyeAreCountedAndGiveNoAngle(): void
    {
        $look = static fn(string $word, int $n): array => array_map(
            static fn(): RolledBall => BallFixtures::one(3.0, 3.0, ['start' => $word]),
            range(1, $n),
        );
        $asked = BallFixtures::asked([...$look('left', 2), ...$look('right', 7), ...$look('on', 11)]);
        self::assertSame([0, 0], StartLines::sides($asked));
        self::assertSame('By eye: 2 left, 11 on line, 7 right.', StartLines::eyeInWords($asked));
        self::assertNull(StartAverage::of($asked));
        $through = StartThrough::of($asked);
        self::assertSame([20, 0.55], [$through?->n, $through?->value]);
        self::assertStringContainsString('11 of 20 by eye', (string) $through?->sentence);
    }

    /** A gate at 2.5 times the spread covers the true bias one time in five: it says so instead of a bias. */
    public function testAGateMuchWiderThanTheStartsScatterTellsNoBias(): void
    {
        $through = static fn(float $width, string $came, int $n): array => array_map(
            static fn(): RolledBall => BallFixtures::one(3.0, 3.0, ['gate' => $came], gate: $width),
            range(1, $n),
        );
        $wide = BallFixtures::asked([
            ...$through(0.12, 'through', 40),
            ...$through(0.12, 'left', 1),
            ...$through(0.12, 'right', 3),
        ]);
        $average = StartAverage::of($wide);
        self::assertNull($average?->value);
        self::assertNull($average?->interval);
        self::assertStringStartsWith(
            'The gate is much wider than these starts vary, so an average is not known. A gate {',
            (string) $average?->sentence,
        );
        self::assertNull(StartAverage::figure($wide));
        self::assertNotNull(
            StartAverage::of(
                BallFixtures::asked([
                    ...$through(0.06, 'through', 24),
                    ...$through(0.06, 'left', 6),
                    ...$through(0.06, 'right', 14),
                ]),
            )?->value,
        );
    }

    public function testAGateNotCheckedOrOfNoSizeTellsNothing(): void
    {
        self::assertNull(StartAverage::of(BallFixtures::asked([BallFixtures::one(3.0, 3.0, ['gate' => 'right'])])));
    }

    public function testAimIsSplitFromStrokeOnceBothAreKnown(): void
    {
        $aimed = static fn(float $offset): RolledBall => BallFixtures::one(3.0, 3.0, ['aim_offset_m' => $offset]);
        $starts = self::gated(16, 10, 10);
        self::assertNull(AimSplit::of(BallFixtures::asked([...$starts, $aimed(-0.1), $aimed(-0.12), $aimed(-0.11)])));
        $split = AimSplit::of(
            BallFixtures::asked([...$starts, $aimed(-0.1), $aimed(-0.12), $aimed(-0.11), $aimed(-0.09)]),
        );
        self::assertEqualsWithDelta(rad2deg(atan(-0.105 / 3.0)), $split?->rows[0]->value, 0.01);
        self::assertEqualsWithDelta(-(float) $split?->rows[0]->value, $split?->value, 1e-3);
        self::assertStringContainsString('One makes up for the other', (string) $split?->sentence);
        self::assertNull(AimSplit::of(BallFixtures::asked([$aimed(0.1), $aimed(0.1), $aimed(0.1), $aimed(0.1)])));
    }

    public function testWhereAimAndStrokeAgreeNothingMakesUpForAnything(): void
    {
        $aimed = static fn(float $offset): RolledBall => BallFixtures::one(3.0, 3.0, ['aim_offset_m' => $offset]);
        $split = AimSplit::of(
            BallFixtures::asked([...self::gated(10, 2, 24), $aimed(0.01), $aimed(0.02), $aimed(0.015), $aimed(0.012)]),
        );
        self::assertStringNotContainsString('makes up', (string) $split?->sentence);
        self::assertGreaterThan(0.0, $split?->value);
    }

    public function testAnAimCheckOfTheSameSessionsOnAStraightPuttIsAnAimToo(): void
    {
        $check = static fn(string $session, string $break = 'straight') => CheckFixtures::try(
            'aim',
            ['offset_m' => -0.07, 'at_m' => 2.0, 'by' => 'mirror', 'break' => $break],
            $session,
        );
        $split = static fn(array $tries): ?float => AimSplit::split(
            BallFixtures::asked(self::gated(20, 6, 6), checked: new StudentChecks($tries)),
        )?->aimBias;
        self::assertEqualsWithDelta(-atan(0.035), $split([$check('S'), $check('S'), $check('S'), $check('S')]), 1e-9);
        self::assertNull($split([$check('S'), $check('S'), $check('S'), $check('Another')]));
        self::assertNull($split([$check('S'), $check('S'), $check('S'), $check('S', 'left')]));
    }

    public function testWhatWasAimedWithStandsBesideTheOtherWhereBothWereNoted(): void
    {
        $gated = static fn(string $aligned, int $through, int $left): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.0,
                3.0,
                ['gate' => $i < $through ? 'through' : 'left', 'aligned' => $aligned],
                gate: BallFixtures::GATE,
            ),
            range(0, $through + $left - 1),
        );
        $names = static fn(array $balls): array => array_map(
            static fn($row): string => "$row->name {$row->count()} of $row->n",
            StartThrough::of(BallFixtures::asked($balls))->rows ?? [],
        );
        self::assertSame(
            [
                'Gate or line {0.0620 w} wide 9 of 12',
                'Aimed with: Line on the ball 6 of 7',
                'Aimed with: A spot 3 of 5',
            ],
            $names([...$gated('line', 6, 1), ...$gated('spot', 3, 2)]),
        );
        self::assertCount(1, $names($gated('line', 6, 1)));
    }

    public function testPushesAreCountedByTheSideAPuttBreaksToForTheHandThatRolledThem(): void
    {
        $started = static fn(string $word, float $across, int $n): array => array_map(
            static fn(): RolledBall => BallFixtures::one(
                3.0,
                3.0,
                ['gate' => $word],
                across: $across,
                gate: BallFixtures::GATE,
            ),
            range(1, $n),
        );
        // Ground that rises to the right curves the ball left. A level putt is not counted.
        $balls = [
            ...$started('right', 2.0, 5),
            ...$started('through', 2.0, 3),
            ...$started('right', -2.0, 1),
            ...$started('left', -2.0, 2),
            ...$started('through', -2.0, 7),
            ...$started('right', 0.0, 4),
        ];
        $found = StartByBreak::of(BallFixtures::asked($balls));
        self::assertStringStartsWith(
            '6 of 18 starts on breaking putts were pushed, 2 pulled',
            (string) $found?->sentence,
        );
        self::assertSame(
            [['Curving left, towards the feet', 5, 8], ['Curving right, away from the feet', 1, 10]],
            array_map(static fn(FindingRow $row): array => [$row->name, $row->count(), $row->n], $found->rows ?? []),
        );
        $left = StartByBreak::of(BallFixtures::asked($balls, hand: Hand::Left));
        self::assertStringStartsWith(
            '2 of 18 starts on breaking putts were pushed, 6 pulled',
            (string) $left?->sentence,
        );
        self::assertSame('Curving left, away from the feet', $left?->rows[0]->name);
        self::assertNull(StartByBreak::of(BallFixtures::asked($started('right', 0.0, 4))));
    }
}
