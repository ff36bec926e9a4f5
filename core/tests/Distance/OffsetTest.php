<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Distance;

use Amble\Core\Distance\Offset;
use Amble\Core\Tests\PropertyTestCase;

final class OffsetTest extends PropertyTestCase
{
    /** Half-widths from a table of the normal distribution. */
    public function testItsIntervalIsTheNormalOneOfItsLevel(): void
    {
        $offset = new Offset(-0.05, 0.02);
        foreach (['0.5' => 0.67449, '0.8' => 1.281552, '0.95' => 1.959964, '0.99' => 2.575829] as $level => $z) {
            $interval = $offset->interval((float) $level);
            self::assertEqualsWithDelta(-0.05 - $z * 0.02, $interval->low, 1e-7);
            self::assertEqualsWithDelta(-0.05 + $z * 0.02, $interval->high, 1e-7);
        }
    }

    public function testItIsWorthARemarkBeyondTwoStandardErrorsEitherSide(): void
    {
        foreach ([[0.04, false], [0.0401, true], [-0.04, false], [-0.0401, true], [0.0, false]] as [$value, $is]) {
            self::assertSame($is, (new Offset($value, 0.02))->isRemarkable(), (string) $value);
        }
    }

    public function testSurerLevelsReachFurtherAndTheMiddleIsTheOffset(): void
    {
        $this->forAll(self::between(-0.5, 0.5), self::between(0.001, 0.3), self::between(0.05, 0.9))->then(
            static function (float $value, float $error, float $level): void {
                $offset = new Offset($value, $error);
                [$narrow, $wide] = [$offset->interval($level), $offset->interval($level + 0.05)];
                self::assertLessThan($narrow->low, $wide->low);
                self::assertGreaterThan($narrow->high, $wide->high);
                self::assertEqualsWithDelta($value, ($narrow->low + $narrow->high) / 2, 1e-9);
            },
        );
    }
}
