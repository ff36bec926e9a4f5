<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Units;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\TimedRoll;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;

/** Quantities cannot hold nonsense, and their units go back and forth unchanged. */
final class QuantitiesTest extends PropertyTestCase
{
    /** @param \Closure(float): object $make */
    #[DataProvider('positive')]
    public function testOnlyWhatAGreenCanHaveIsAQuantity(\Closure $make): void
    {
        foreach ([0.0, -0.0, -1.0, NAN, INF, -INF, 5e-324, 1e6] as $value) {
            try {
                $make($value);
                self::fail("$value was taken.");
            } catch (InvalidInput $refused) {
                self::assertSame('the_field', $refused->field());
            }
        }
        self::assertIsObject($make(3.0));
    }

    /** @return iterable<string, array{\Closure(float): object}> */
    public static function positive(): iterable
    {
        yield 'metres' => [static fn(float $x): object => Length::ofMetres($x, 'the_field')];
        yield 'feet' => [static fn(float $x): object => Length::ofFeet($x, 'the_field')];
        yield 'green speed in feet' => [static fn(float $x): object => GreenSpeed::ofFeet($x, 'the_field')];
        yield 'green speed in metres' => [static fn(float $x): object => GreenSpeed::ofMetres($x, 'the_field')];
    }

    public function testAGradeIsAnyFiniteNumber(): void
    {
        self::assertSame(-0.02, Grade::ofPercent(-2.0)->ratio());
        $this->expectException(InvalidInput::class);
        Grade::ofPercent(NAN);
    }

    public function testUnitsGoBackAndForth(): void
    {
        $this->forAll(self::between(2.0, 12.0))->then(function (float $x): void {
            self::assertNear($x, Length::ofFeet($x)->feet());
            self::assertNear($x * 0.3048, Length::ofFeet($x)->metres());
            self::assertNear($x, GreenSpeed::ofFeet($x)->feet());
            self::assertNear($x, Grade::ofPercent($x)->percent());
            self::assertNear($x, GreenSpeed::ofDeceleration(GreenSpeed::ofMetres($x)->deceleration(), 'a')->metres());
        });
    }

    public function testTenFeetOfGreenSpeedSlowABallAsKnown(): void
    {
        self::assertNear(0.54864, GreenSpeed::ofFeet(10.0)->deceleration(), 1e-9);
    }

    public function testATimedRollSaysWhichOfItsTwoFiguresIsWrong(): void
    {
        foreach (['distance_m' => [0.0, 4.0], 'time_s' => [5.0, -1.0]] as $field => [$distance, $time]) {
            try {
                TimedRoll::of($distance, $time, 'direction_1.2');
                self::fail('The roll was taken.');
            } catch (InvalidInput $refused) {
                self::assertSame("direction_1.2.$field", $refused->field());
            }
        }
    }

    public function testAnErrorShowsTheValueShortly(): void
    {
        try {
            Length::ofMetres(-0.25, 'roll_m');
            self::fail('A negative length was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame('This must be above 0; -0.25 was given.', $refused->getMessage());
        }
    }
}
