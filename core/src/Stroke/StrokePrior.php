<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\BetweenGroups;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Sample;

/**
 * What a fit leans on while a student's own putts are few (maths.md 3.3), as shipped or as a workspace's other
 * students show it (3.8). All figures above 0. This class is immutable.
 */
final readonly class StrokePrior
{
    private const BETA = 1.8;
    private const LAMBDA = 0.0625;
    private const SIGMA = 0.1;
    private const NU = 2.0;

    /** Fewer students than this tell nothing of a workspace. */
    private const FEWEST_STUDENTS = 3;

    /** What is shipped weighs as much as this many students. */
    private const SHIPPED_STUDENTS = 2;

    /** How far students' exponents usually lie apart, and ln of their spreads. */
    private const USUAL_TAU = 0.2;
    private const USUAL_LOG_SPREAD = 0.35;

    /** Variance of ln σ is never taken to be less. */
    private const LEAST_LOG_VARIANCE = 0.02;

    /** What any stroke can have: exponents, weights, spreads of the log roll and degrees of freedom. */
    public const BETAS = [0.01, 100.0];
    public const WEIGHTS = [1e-9, 1e9];
    public const SIGMAS = [1e-6, 10.0];
    public const DEGREES = [0.5, 1e7];

    private const FEWEST_NU = 2.0;
    private const MOST_NU = 20.0;

    /**
     * @param float $beta exponent leaned to, β₀
     * @param float $lambda its weight, λ, in units of Σ w (x − x̄)²
     * @param float $sigma spread of the log roll, σ₀
     * @param float $nu its weight in degrees of freedom, ν₀
     * @param int<0, max> $students whose strokes it rests on; 0 for the shipped one
     */
    private function __construct(
        public float $beta,
        public float $lambda,
        public float $sigma,
        public float $nu,
        public int $students,
    ) {}

    public static function shipped(): self
    {
        return new self(self::BETA, self::LAMBDA, self::SIGMA, self::NU, 0);
    }

    /** @throws InvalidInput If a figure is not a finite number above 0. */
    public static function of(float $beta, float $lambda, float $sigma, float $nu, string $path = ''): self
    {
        return new self(
            Check::within(Check::positive($beta, "{$path}beta"), ...[...self::BETAS, "{$path}beta"]),
            Check::within(Check::positive($lambda, "{$path}lambda"), ...[...self::WEIGHTS, "{$path}lambda"]),
            Check::within(Check::positive($sigma, "{$path}sigma"), ...[...self::SIGMAS, "{$path}sigma"]),
            Check::within(Check::positive($nu, "{$path}nu"), ...[...self::DEGREES, "{$path}nu"]),
            0,
        );
    }

    /**
     * The prior a workspace's fitted students make for one who is new; the shipped one below three of them.
     *
     * Both the spread of exponents and that of ln σ are held by two students' worth of what is shipped.
     *
     * @param list<StrokeSummary> $students each fitted under the shipped prior, without the new one
     */
    public static function ofWorkspace(array $students): self
    {
        if (count($students) < self::FEWEST_STUDENTS) {
            return self::shipped();
        }
        $betas = array_map(
            static fn(StrokeSummary $student): array => [$student->beta, $student->betaError],
            $students,
        );
        $tau2 = BetweenGroups::heldVariance([$betas], self::USUAL_TAU, self::SHIPPED_STUDENTS);
        [$mean, $weights] = BetweenGroups::mean($betas, $tau2);
        $shipped = self::SHIPPED_STUDENTS / ($tau2 + self::USUAL_TAU ** 2);
        [$sigma, $logVariance] = self::spreadOf($students);

        return new self(
            ($weights * $mean + $shipped * self::BETA) / ($weights + $shipped),
            $sigma ** 2 / ($tau2 + 1.0 / $weights),
            $sigma,
            max(self::FEWEST_NU, min(self::MOST_NU, 0.5 / $logVariance)),
            count($students),
        );
    }

    public function isShipped(): bool
    {
        return $this->students === 0;
    }

    /**
     * @param non-empty-list<StrokeSummary> $students at least two
     *
     * @return array{float, float} σ₀ and the variance of ln σ from student to student
     */
    private static function spreadOf(array $students): array
    {
        $k = count($students);
        $logs = array_map(static fn(StrokeSummary $student): float => log($student->sigma), $students);
        $within = Sample::mean(
            array_map(static fn(StrokeSummary $student): float => 0.5 / $student->degreesOfFreedom, $students),
        );
        $variance = max(self::LEAST_LOG_VARIANCE, (float) Sample::variance($logs) - $within);

        return [
            exp((array_sum($logs) + self::SHIPPED_STUDENTS * log(self::SIGMA)) / ($k + self::SHIPPED_STUDENTS)),
            (($k - 1) * $variance + self::SHIPPED_STUDENTS * self::USUAL_LOG_SPREAD ** 2) /
            ($k - 1 + self::SHIPPED_STUDENTS),
        ];
    }
}
