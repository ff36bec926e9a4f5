<?php

declare(strict_types=1);

namespace Amble\Tools;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Reading\QuizAnswer;
use Amble\Core\Reading\QuizOfTen;
use Amble\Core\Reading\ReadHabit;
use Amble\Core\Report\Finding;
use Amble\Core\Review\Measure\ReadShare;

/** Whether a habit of reading a share of the break is found, by guesses and by logged balls. */
final class ReadTrial
{
    /** Guesses are of this level, on this green, at this pace. */
    private const LEVEL = 3;
    private const GREEN_FEET = 10.0;
    private const PACE = 0.3;

    /** The share called, less one, from so many guesses by somebody who reads a share of the break. */
    public static function byGuesses(float $share, int $n, RandomSource $random): ?Finding
    {
        $student = MarginTrial::reading($share)->student();
        $calls = [];
        while (count($calls) < $n) {
            foreach (
                QuizOfTen::of(self::LEVEL, GreenSpeed::ofFeet(self::GREEN_FEET), self::PACE, false, $random)
                as $putt
            ) {
                $right = QuizAnswer::of($putt, 0.0, $putt->length->metres())?->real;
                $plays = (float) $right?->playsLike() * exp($student->strikeScatter * $random->normal());
                // Whoever calls a pace reads the break for it.
                $needed = QuizAnswer::of($putt, 0.0, $plays)->needed ?? 0.0;
                $guess = QuizAnswer::of($putt, $needed * ($share + $student->readScatter * $random->normal()), $plays);
                if ($guess !== null) {
                    $calls[] = [$guess->aim, $guess->needed, $guess->needed > 0.0 ? 'left' : 'right'];
                }
            }
        }

        return ReadHabit::of(array_slice($calls, 0, $n));
    }

    /** The same from so many balls of a practice, level ones and gates among them. */
    public static function byBalls(float $share, int $n, RandomSource $random): ?Finding
    {
        return ReadShare::of(MarginTrial::reading($share)->asked($n, $random));
    }
}
