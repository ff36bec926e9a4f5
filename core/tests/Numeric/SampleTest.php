<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Numeric;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Sample;
use Amble\Core\Tests\PropertyTestCase;
use Eris\Generators;

final class SampleTest extends PropertyTestCase
{
    public function testMeanVarianceAndMedianByHand(): void
    {
        self::assertSame(2.5, Sample::mean([1.0, 2.0, 3.0, 4.0]));
        self::assertNear(5.0 / 3.0, (float) Sample::variance([1.0, 2.0, 3.0, 4.0]));
        self::assertNull(Sample::variance([7.0]));
        self::assertSame(0.0, Sample::variance([7.0, 7.0]));
        self::assertSame(3.0, Sample::median([9.0, 1.0, 3.0]));
        self::assertSame(2.5, Sample::median([4.0, 1.0, 2.0, 3.0]));
        self::assertSame(7.0, Sample::median([7.0]));
    }

    public function testShiftingMovesTheMeanAndLeavesTheVariance(): void
    {
        $this->forAll(Generators::vector(8, self::between(-5.0, 5.0)), self::between(-100.0, 100.0))->then(function (
            array $values,
            float $by,
        ): void {
            $moved = array_map(static fn(float $x): float => $x + $by, $values);
            self::assertEqualsWithDelta(Sample::mean($values) + $by, Sample::mean($moved), 1e-9);
            self::assertEqualsWithDelta((float) Sample::variance($values), (float) Sample::variance($moved), 1e-9);
            self::assertEqualsWithDelta(Sample::median($values) + $by, Sample::median($moved), 1e-9);
        });
    }

    public function testWilsonStaysInsideZeroAndOneAndHoldsTheShare(): void
    {
        $this->forAll(Generators::choose(1, 60), self::between(0.5, 0.99))->then(function (int $n, float $level): void {
            for ($hits = 0; $hits <= $n; $hits += max(1, intdiv($n, 4))) {
                $interval = Interval::wilson($hits, $n, $level);
                self::assertGreaterThanOrEqual(0.0, $interval->low);
                self::assertLessThanOrEqual(1.0, $interval->high);
                self::assertTrue($interval->contains($hits / $n));
                // Hits and misses are the same question turned round.
                self::assertEqualsWithDelta(
                    1.0 - $interval->high,
                    Interval::wilson($n - $hits, $n, $level)->low,
                    1e-12,
                );
            }
        });
    }

    public function testAnIntervalScalesAndHoldsItsEnds(): void
    {
        $interval = Interval::around(2.0, 0.5);
        self::assertSame([1.5, 2.5], $interval->toArray());
        self::assertSame([3.0, 5.0], $interval->times(2.0)->toArray());
        self::assertTrue($interval->contains(1.5) && $interval->contains(2.5));
        self::assertFalse($interval->contains(2.51));
    }

    public function testChecksGiveTheValueBackOrNameTheField(): void
    {
        self::assertSame(0.5, Check::share(0.5, 'band'));
        self::assertSame(0.0, Check::notNegative(0.0, 'pace_m'));
        $refused = [
            'band' => [0.0, 1.0, -0.1, 1.1, NAN],
            'pace_m' => [-1e-12, INF, NAN],
        ];
        foreach ($refused as $field => $values) {
            foreach ($values as $value) {
                try {
                    $field === 'band' ? Check::share($value, $field) : Check::notNegative($value, $field);
                    self::fail("$value was taken as $field.");
                } catch (InvalidInput $invalid) {
                    self::assertSame($field, $invalid->field());
                }
            }
        }
    }
}
