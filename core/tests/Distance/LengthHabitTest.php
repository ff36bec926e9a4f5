<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Distance;

use Amble\Core\Distance\DistancePutt;
use Amble\Core\Distance\LengthHabit;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Length;

/** What a student plays for and what grows with the length, told apart as far as the putts can. */
final class LengthHabitTest extends PropertyTestCase
{
    /**
     * @param list<float> $lengths metres, in turn
     *
     * @return list<DistancePutt>
     */
    private static function putts(array $lengths, int $n, float $past, float $bias, float $spread, int $seed): array
    {
        $random = new SeededRandom($seed);
        $putts = [];
        for ($i = 0; $i < $n; ++$i) {
            $length = $lengths[$i % count($lengths)];
            $putts[] = DistancePutt::stoppedAt(
                Length::ofMetres($length),
                ($length * (1.0 + $bias) + $past) * exp($spread * $random->normal() - 0.5 * $spread ** 2),
            );
        }

        return $putts;
    }

    public function testBothPartsAreFoundWhereLengthsDiffer(): void
    {
        $this->forAll(self::between(-0.2, 0.4), self::between(-0.08, 0.08), self::between(0.05, 0.12))->then(
            static function (float $past, float $bias, float $spread): void {
                $habit = LengthHabit::of(self::putts([1.5, 3.0, 6.0, 12.0], 800, $past, $bias, $spread, 5));
                self::assertNotNull($habit);
                self::assertEqualsWithDelta($past, $habit->past, 0.06);
                self::assertEqualsWithDelta($bias, $habit->bias, 0.02);
                self::assertEqualsWithDelta($spread, $habit->spread, 0.1 * $spread);
            },
        );
    }

    public function testAtOneLengthNothingIsLaidToTheHabitOfAllLengths(): void
    {
        $habit = LengthHabit::of(self::putts([4.0], 200, 0.4, 0.0, 0.1, 3));
        self::assertNotNull($habit);
        self::assertEqualsWithDelta(0.0, $habit->past, 1e-9);
        self::assertEqualsWithDelta(0.1, $habit->bias, 0.02);
    }

    public function testFewPuttsLeanOnWhatIsUsual(): void
    {
        // Three metres past at every length is no habit anybody has; six putts do not prove it.
        $few = LengthHabit::of(self::putts([3.0, 6.0], 6, 3.0, 0.0, 0.4, 8));
        self::assertNotNull($few);
        self::assertLessThan(2.0, $few->past);
    }

    public function testWhatCannotBeToldIsNotTold(): void
    {
        self::assertNull(LengthHabit::of([]));
        self::assertNull(LengthHabit::of(self::putts([3.0, 6.0], 2, 0.1, 0.0, 0.1, 1)));
        $alike = array_fill(0, 5, DistancePutt::stoppedAt(Length::ofMetres(4.0), 4.4));
        self::assertNull(LengthHabit::of($alike), 'balls that never differ have no spread');
        $holed = array_fill(0, 5, DistancePutt::holed(Length::ofMetres(4.0)));
        self::assertNull(LengthHabit::of($holed));
    }
}
