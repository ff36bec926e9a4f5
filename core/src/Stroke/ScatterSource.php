<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Numeric\Sample;

/**
 * Where the scatter of putts at targets comes from (maths.md 3.7).
 *
 * For each putt, d is how far its ln B lies from the backstroke that the student's own line calls for on this green and
 * slope, r its residual from the line. ln(D_level/T) = β d + r, so its variance is β² var d + var r + 2 β cov(d, r).
 * Variances with n − 1. This class is immutable.
 */
final readonly class ScatterSource
{
    private const FEWEST = 3;

    /** Balls from which "mostly backstroke" or "mostly strike" may be said. */
    public const FEWEST_FOR_A_WORD = 20;

    /** Standard errors of the log ratio beyond which it may be said. */
    private const ERRORS = 1.28;

    /** A joint term above this share of the whole is named. */
    private const NOT_SMALL = 0.1;

    /**
     * @param float|null $logRatio ln of the backstroke's variance over the strike's; null where one of them is 0
     */
    private function __construct(
        public int $n,
        public float $total,
        public float $fromBackstroke,
        public float $fromStrike,
        public float $together,
        public ?float $logRatio,
        public ?float $logRatioError,
    ) {}

    /**
     * @param list<array{StrokePutt, float}> $putts each with ln(T/S), T the target's plays-like length and S the green
     *                                              speed in force, both in metres
     * @param float $alpha and $beta the student's own line, β not 0
     *
     * @return self|null null below three putts
     */
    public static function of(array $putts, float $alpha, float $beta): ?self
    {
        $n = count($putts);
        if ($n < self::FEWEST) {
            return null;
        }
        $d = $r = [];
        foreach ($putts as [$putt, $logTarget]) {
            $d[] = $putt->logBackstroke - ($logTarget - $alpha) / $beta;
            $r[] = $putt->logRelativeRoll - $alpha - $beta * $putt->logBackstroke;
        }
        [$meanD, $meanR] = [Sample::mean($d), Sample::mean($r)];
        $covariance = 0.0;
        foreach ($d as $i => $di) {
            $covariance += (($di - $meanD) * ($r[$i] - $meanR)) / ($n - 1);
        }
        [$varianceD, $varianceR] = [(float) Sample::variance($d), (float) Sample::variance($r)];
        [$back, $together] = [$beta ** 2 * $varianceD, 2.0 * $beta * $covariance];
        $hasBoth = $back > 0.0 && $varianceR > 0.0;
        $unshared = $hasBoth ? max(0.0, 1.0 - $covariance ** 2 / ($varianceD * $varianceR)) : 0.0;

        return new self(
            $n,
            $back + $varianceR + $together,
            $back,
            $varianceR,
            $together,
            $hasBoth ? log($back / $varianceR) : null,
            $hasBoth ? 2.0 * sqrt($unshared / ($n - 1)) : null,
        );
    }

    /** Share of the scatter, joint term apart, that comes from uneven backstrokes; null without scatter. */
    public function backstrokeShare(): ?float
    {
        $apart = $this->fromBackstroke + $this->fromStrike;

        return $apart > 0.0 ? $this->fromBackstroke / $apart : null;
    }

    /**
     * Whether it is mostly the backstroke (true) or mostly strike and tempo (false); null while that may not be said.
     */
    public function isMostlyBackstroke(): ?bool
    {
        $isTold =
            $this->n >= self::FEWEST_FOR_A_WORD &&
            $this->logRatio !== null &&
            $this->logRatioError !== null &&
            abs($this->logRatio) > self::ERRORS * $this->logRatioError;

        return $isTold ? $this->logRatio > 0.0 : null;
    }

    /** Whether longer backstrokes went with a stronger or weaker strike enough to be named. */
    public function namesJoint(): bool
    {
        return abs($this->together) > self::NOT_SMALL * ($this->fromBackstroke + $this->fromStrike);
    }
}
