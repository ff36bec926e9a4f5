<?php

declare(strict_types=1);

namespace Amble\Core\Tests;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use Eris\Generator;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** Base of tests that hold a rule against many drawn cases; the seed is fixed in phpunit.xml. */
abstract class PropertyTestCase extends TestCase
{
    use TestTrait;

    /** A number drawn evenly from a range, which shrinks toward its low end. */
    protected static function between(float $low, float $high): Generator
    {
        return Generators::map(
            static fn(int $step): float => $low + (($high - $low) * $step) / 100_000,
            Generators::choose(0, 100_000),
        );
    }

    /** Equal to a relative tolerance, with a little absolute slack around zero. */
    protected static function assertNear(
        float $expected,
        float $actual,
        float $relative = 1e-9,
        string $what = '',
    ): void {
        self::assertEqualsWithDelta($expected, $actual, max(1e-12, abs($expected) * $relative), $what);
    }

    protected static function putt(
        float $backstroke,
        float $roll,
        float $speedFeet = 10.0,
        float $gradePercent = 0.0,
    ): StrokePutt {
        return StrokePutt::of(
            Length::ofMetres($backstroke),
            Length::ofMetres($roll),
            GreenSpeed::ofFeet($speedFeet),
            Grade::ofPercent($gradePercent),
        );
    }
}
