<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Numeric;

use Amble\Core\Numeric\ChiSquare;
use Amble\Core\Numeric\GaussLegendre;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\RootFinder;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Numeric\SpecialFunctions;
use Amble\Core\Numeric\StudentT;
use Amble\Core\Tests\PropertyTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Against published tables (Abramowitz & Stegun 1964; NIST) and against one another. */
final class DistributionsTest extends PropertyTestCase
{
    #[DataProvider('published')]
    public function testPublishedValues(float $expected, float $actual, float $relative): void
    {
        self::assertNear($expected, $actual, $relative);
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function published(): iterable
    {
        // A&S table 26.1 (15 digits) and far tails from their asymptotic series.
        yield 'Φ(1)' => [0.841344746068543, Normal::cdf(1.0), 1e-14];
        yield 'Φ(-2)' => [0.0227501319481792, Normal::cdf(-2.0), 1e-13];
        yield 'Φ(-5)' => [2.86651571879194e-7, Normal::cdf(-5.0), 1e-13];
        yield 'Φ(-10)' => [7.61985302416052e-24, Normal::cdf(-10.0), 1e-12];
        yield 'Φ(0.3)' => [0.617911422188953, Normal::cdf(0.3), 1e-14];
        yield 'z(0.9)' => [1.2815515655446004, Normal::quantile(0.9), 1e-15];
        yield 'z(0.975)' => [1.959963984540054, Normal::quantile(0.975), 1e-15];
        yield 'z(1e-10)' => [-6.361340902404056, Normal::quantile(1e-10), 1e-14];
        // t has closed forms for one and two degrees of freedom.
        yield 't1' => [tan(M_PI * 0.4), StudentT::quantile(0.9, 1.0), 1e-12];
        yield 't2' => [0.8 / sqrt(2 * 0.9 * 0.1), StudentT::quantile(0.9, 2.0), 1e-12];
        yield 't10' => [1.372183641110336, StudentT::quantile(0.9, 10.0), 1e-11];
        yield 't30 (A&S 26.10)' => [2.0422724563, StudentT::quantile(0.975, 30.0), 1e-10];
        // χ² with two degrees of freedom is exponential.
        yield 'χ²2' => [-2 * log(0.1), ChiSquare::quantile(0.9, 2.0), 1e-12];
        yield 'χ²19' => [11.6509100321, ChiSquare::quantile(0.1, 19.0), 1e-10];
        yield 'ln Γ(0.5)' => [0.5 * log(M_PI), SpecialFunctions::logGamma(0.5), 1e-14];
        yield 'ln Γ(10)' => [log(362880.0), SpecialFunctions::logGamma(10.0), 1e-14];
        yield 'ln Γ(0.25)' => [1.2880225246980774, SpecialFunctions::logGamma(0.25), 1e-13];
        yield 'Wilson 7 of 10, 95 %' => [0.396773, Interval::wilson(7, 10, 0.95)->low, 1e-4];
    }

    public function testQuantilesInvertTheirDistributions(): void
    {
        $this->limitTo(300)
            ->forAll(self::between(0.0005, 0.9995), self::between(1.0, 300.0))
            ->then(function (float $p, float $degrees): void {
                self::assertNear($p, Normal::cdf(Normal::quantile($p)), 1e-13);
                self::assertNear($p, StudentT::cdf(StudentT::quantile($p, $degrees), $degrees), 1e-10);
                self::assertNear($p, ChiSquare::cdf(ChiSquare::quantile($p, $degrees), $degrees), 1e-9);
                self::assertNear(-StudentT::quantile($p, $degrees), StudentT::quantile(1.0 - $p, $degrees), 1e-8);
            });
    }

    public function testAnIntervalsLogChanceStaysFiniteFarOut(): void
    {
        self::assertNear(log(Normal::cdf(1.5) - Normal::cdf(-0.5)), Normal::logInterval(-0.5, 1.5), 1e-13);
        self::assertNear(Normal::logInterval(-1.5, 0.5), Normal::logInterval(-0.5, 1.5), 1e-13);
        self::assertNear(log(Normal::cdf(-3.0)), Normal::logInterval(3.0, INF), 1e-13);
        $far = Normal::logInterval(60.0, 61.0);
        self::assertTrue(is_finite($far));
        self::assertNear(-0.5 * 3600 - log(60.0 * sqrt(2 * M_PI)), $far, 1e-5);
    }

    public function testQuadratureIsExactForPolynomialsOfItsDegree(): void
    {
        foreach ([1, 2, 5, 14] as $n) {
            $degree = 2 * $n - 1;
            $sum = 0.0;
            foreach (GaussLegendre::on(-1.0, 3.0, $n) as [$x, $weight]) {
                $sum += $weight * $x ** $degree;
            }
            self::assertNear((3.0 ** ($degree + 1) - 1.0) / ($degree + 1), $sum, 1e-12);
        }
    }

    public function testARootIsFoundInsideItsBracketOrRefused(): void
    {
        self::assertNear(M_PI / 2, RootFinder::brent(cos(...), 0.0, 3.0), 1e-13);
        $flat = RootFinder::brent(static fn(float $x): float => ($x - 1.0) ** 9, -5.0, 4.0);
        self::assertEqualsWithDelta(1.0, $flat, 1e-2);
        $this->expectException(\InvalidArgumentException::class);
        RootFinder::brent(static fn(float $x): float => 1.0 + $x * $x, -1.0, 1.0);
    }

    public function testASeedRepeatsAndItsNumbersAreNormal(): void
    {
        $draw = static function (int $seed): array {
            $random = new SeededRandom($seed);

            return array_map(static fn(): float => $random->normal(), range(1, 20_000));
        };
        $values = $draw(4);
        self::assertSame($values, $draw(4));
        self::assertNotSame($values, $draw(5));
        self::assertEqualsWithDelta(0.0, array_sum($values) / 20_000, 4 / sqrt(20_000));
        self::assertEqualsWithDelta(
            1.0,
            array_sum(array_map(static fn(float $z): float => $z * $z, $values)) / 20_000,
            4 * sqrt(2 / 20_000),
        );
        self::assertGreaterThanOrEqual(
            0.0,
            min(array_map(static fn(): float => (new SeededRandom(9))->uniform(), range(1, 3))),
        );
    }
}
