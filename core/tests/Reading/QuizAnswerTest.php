<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Reading;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Reading\PuttRead;
use Amble\Core\Reading\PuttSituation;
use Amble\Core\Reading\QuizAnswer;
use Amble\Core\Reading\QuizOfTen;
use Amble\Core\Reading\QuizWords;
use Amble\Core\Reading\ReadHabit;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

final class QuizAnswerTest extends PropertyTestCase
{
    private static function breaking(float $across = 2.0): PuttSituation
    {
        return PuttSituation::plain(
            Length::ofMetres(5.0),
            GreenSpeed::ofMetres(3.0),
            Grade::ofPercent(-1.0),
            Grade::ofPercent($across),
            0.3,
        );
    }

    private static function guess(PuttSituation $putt, float $aim, float $plays): QuizAnswer
    {
        $guess = QuizAnswer::of($putt, $aim, $plays);
        self::assertNotNull($guess);

        return $guess;
    }

    public function testWhatTheReaderSaysIsRightAndDrops(): void
    {
        foreach ([2.0, -2.0] as $across) {
            $read = PuttRead::of(self::breaking($across), null)->lines[0]->read;
            $guess = self::guess(self::breaking($across), (float) $read?->aimOffset(), (float) $read?->playsLike());
            self::assertTrue($guess->isRight());
            self::assertTrue($guess->ball()->isHoled);
            self::assertEqualsWithDelta(0.0, $guess->underread(), 1e-3);
            self::assertSame('It drops.', QuizWords::of($guess)[2]);
        }
    }

    public function testAnAimIsHeldAgainstWhatItsOwnPaceNeeds(): void
    {
        $look = PuttRead::of(self::breaking(), null);
        $firm = $look->lines[2]->read;
        // The firm line at the firm pace is a right aim, though the pace is not the one that is meant.
        $guess = self::guess(self::breaking(), (float) $firm?->aimOffset(), (float) $firm?->playsLike());
        self::assertTrue($guess->isAimRight());
        self::assertFalse($guess->isPaceRight());
        self::assertFalse($guess->isRight());
        // The same aim at the pace that is meant is too little.
        $soft = self::guess(self::breaking(), (float) $firm?->aimOffset(), (float) $look->lines[0]->read?->playsLike());
        self::assertGreaterThan(0.0, $soft->underread());
        self::assertStringContainsString('Too little break.', QuizWords::of($soft)[0]);
        self::assertStringContainsString(
            'Too much break.',
            QuizWords::of(self::guess(self::breaking(), 1.4 * $soft->needed, $soft->plays))[0],
        );
        self::assertStringContainsString(
            'broke the other way',
            QuizWords::of(self::guess(self::breaking(), -0.4, $soft->plays))[0],
        );
        // Mirrored, it is under-read just as much.
        self::assertEqualsWithDelta(
            $soft->underread(),
            self::guess(self::breaking(-2.0), -$soft->aim, $soft->plays)->underread(),
            1e-3,
        );
    }

    public function testABallThatDoesNotGetThereIsHeldAgainstThePaceThatIsMeant(): void
    {
        $guess = self::guess(self::breaking(), 0.3, 1.0);
        self::assertEqualsWithDelta((float) $guess->real->aimOffset(), $guess->needed, 1e-9);
        self::assertFalse($guess->isPaceRight());
        self::assertNull(
            QuizAnswer::of(
                PuttSituation::plain(
                    Length::ofMetres(5.0),
                    GreenSpeed::ofMetres(3.0),
                    Grade::ofPercent(-12.0),
                    Grade::level(),
                    0.3,
                ),
                0.1,
                4.0,
            ),
        );
    }

    public function testTenPuttsAreAsHardAsTheLevelAndAsBlockedAsAsked(): void
    {
        $speed = GreenSpeed::ofFeet(10.0);
        foreach (range(0, QuizOfTen::levels() - 1) as $level) {
            $ten = QuizOfTen::of($level, $speed, 0.3, false, new SeededRandom($level));
            self::assertCount(QuizOfTen::COUNT, $ten);
            self::assertEquals($ten, QuizOfTen::of($level, $speed, 0.3, false, new SeededRandom($level)));
            foreach ($ten as $putt) {
                self::assertNotNull(QuizAnswer::of($putt, 0.0, $putt->length->metres()));
                self::assertNotSame(0.0, $putt->surface->across->ratio());
            }
        }
        $longest = static fn(int $level): float => max(
            array_map(
                static fn(PuttSituation $putt): float => $putt->length->metres(),
                QuizOfTen::of($level, $speed, 0.3, false, new SeededRandom(5)),
            ),
        );
        self::assertLessThanOrEqual(2.0, $longest(0));
        self::assertGreaterThan(5.0, $longest(5));
        $blocked = QuizOfTen::of(2, $speed, 0.3, true, new SeededRandom(1));
        self::assertEquals($blocked[0], $blocked[4]);
        self::assertNotEquals($blocked[4], $blocked[5]);
        foreach (['left' => 1, 'right' => -1] as $curving => $sign) {
            foreach (QuizOfTen::of(3, $speed, 0.3, false, new SeededRandom(2), [], $curving) as $putt) {
                self::assertSame($sign, $putt->surface->across->ratio() <=> 0.0);
            }
        }
        $own = [self::breaking(), self::breaking(-1.0)];
        foreach (QuizOfTen::of(0, $speed, 0.3, false, new SeededRandom(3), $own) as $putt) {
            self::assertContainsEquals($putt, $own);
        }
        self::assertSame(
            [0, 1, 0],
            [
                QuizOfTen::level(array_fill(0, 9, true))->step,
                QuizOfTen::level(array_fill(0, 10, true))->step,
                QuizOfTen::level([...array_fill(0, 10, true), ...array_fill(0, 10, false)])->step,
            ],
        );
    }

    public function testTheShareOfTheBreakThatIsCalledIsFound(): void
    {
        self::assertNull(
            ReadHabit::of([
                [0.1, 0.2, 'Left'],
                [0.1, 0.2, 'Left'],
                [0.1, 0.2, 'Left'],
                [0.1, 0.2, 'Left'],
                [0.0, 0.01, 'Left'],
            ]),
        );
        $calls = [
            [0.07, 0.1, 'Left'],
            [0.14, 0.2, 'Left'],
            [-0.21, -0.3, 'Right'],
            [0.28, 0.4, 'Left'],
            [-0.35, -0.5, 'Right'],
        ];
        $habit = ReadHabit::of($calls);
        self::assertEqualsWithDelta(-0.3, (float) $habit?->value, 1e-9);
        self::assertSame('Calls come to 70 % of the break: 30 % too little.', $habit?->sentence);
        self::assertSame(['Left', 'Right'], array_column($habit->rows, 'name'));
        // By hand: slope Σcn/Σn², misses weighted by the break and by 1/(1 − leverage), and t(0.9; 4) = 1.5332.
        $noisy = ReadHabit::of([[0.1, 0.1, 'L'], [0.1, 0.2, 'L'], [0.3, 0.3, 'L'], [0.3, 0.4, 'L'], [0.5, 0.5, 'L']]);
        self::assertEqualsWithDelta(0.49 / 0.55 - 1.0, (float) $noisy?->value, 1e-9);
        // 0.1 to 0.5 needed; with b = 0.890909 the sum of (n r / (1 − n²/0.55))² is 0.0039343.
        self::assertEqualsWithDelta((1.5332 * sqrt(0.0039343)) / 0.55, $noisy->interval->high - $noisy->value, 1e-4);
    }
}
