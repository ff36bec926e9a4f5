<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Distance;

use Amble\Core\Distance\StudentToday;
use Amble\Core\Distance\Today;
use Amble\Core\Distance\UsualBias;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Tests\PropertyTestCase;

/** Green or student, from today's first balls (maths.md 5.2). */
final class TodayTest extends PropertyTestCase
{
    /** Share of days on which a green that rolls so much of what is meant is remarked on. */
    private static function noticed(float $green, int $students): float
    {
        $random = new SeededRandom(11);
        $noticed = 0;
        for ($day = 0; $day < 600; ++$day) {
            $today = Today::of(
                array_map(static function () use ($random, $green): StudentToday {
                    $ownDay = Today::DAY_TO_DAY * $random->normal();
                    $errors = array_map(
                        static fn(): Bound => Bound::exactly($green + $ownDay + 0.1 * $random->normal()),
                        range(1, 6),
                    );

                    return StudentToday::of($errors, new UsualBias(0.0, 0.02), 0.1);
                }, range(1, $students)),
            );
            $noticed += $today->green?->isRemarkable() === true ? 1 : 0;
        }

        return $noticed / 600;
    }

    public function testASlowGreenIsNoticedTheMoreStudentsRollOnIt(): void
    {
        self::assertLessThan(0.08, self::noticed(0.0, 3));
        self::assertEqualsWithDelta(0.2, self::noticed(-0.08, 1), 0.06);
        self::assertEqualsWithDelta(0.8, self::noticed(-0.08, 6), 0.08);
    }

    public function testOneStudentCannotTellGreenFromStudentAndTwoCan(): void
    {
        $short = StudentToday::of([Bound::exactly(-0.3), Bound::exactly(-0.28)], null, null);
        $usual = StudentToday::of([Bound::exactly(0.01), Bound::exactly(-0.02)], null, null);
        self::assertFalse(Today::of([$short])->isSeparable());
        self::assertNull(Today::of([$short])->own[0]);
        $both = Today::of([$short, $usual]);
        self::assertTrue($both->isSeparable());
        self::assertLessThan(-0.2, (float) $both->own[0]?->value);
        // Balls that were all cut short tell nothing.
        self::assertNull(Today::of([StudentToday::of([Bound::between(0.1, null)], null, null)])->green);
    }

    public function testAUsualBiasIsSurerTheMoreSessionsItRestsOnAndUsesTheStudentsOwnDaysFromFiveOn(): void
    {
        self::assertNull(UsualBias::of([]));
        $steady = array_fill(0, 4, [0.02, 0.03]);
        self::assertNear(sqrt(4 * (0.03 ** 2 + 0.05 ** 2)) / 4, (float) UsualBias::of($steady)?->standardError);
        // Five alike sessions: the student's days hardly differ, though never taken to differ by less than 2 %.
        self::assertNear(
            sqrt(5 * (0.03 ** 2 + 0.02 ** 2)) / 5,
            (float) UsualBias::of([...$steady, [0.02, 0.03]])?->standardError,
        );
    }
}
