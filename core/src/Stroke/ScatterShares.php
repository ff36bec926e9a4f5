<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Numeric\Sample;

/**
 * Where the scatter of rolls at one target comes from (maths.md 3.7).
 *
 * var(ln D) ≈ β² var(ln B) + σ² + 2 β cov(ln B, r). This class is immutable.
 */
final readonly class ScatterShares
{
    /** A joint term above this share of the whole is named. */
    private const NOT_SMALL = 0.10;

    private function __construct(
        public float $total,
        public float $fromBackstroke,
        public float $fromStrike,
        public float $joint,
    ) {
    }

    /**
     * The split for at least two putts at one target.
     *
     * @param non-empty-list<StrokePutt> $putts
     */
    public static function of(array $putts, StrokeFit $fit): ?self
    {
        $beta = $fit->beta();
        if ($beta === null || count($putts) < 2) {
            return null;
        }
        $x = array_map(static fn(StrokePutt $putt): float => $putt->logBackstroke, $putts);
        $r = array_map(static fn(StrokePutt $putt): float => (float) $fit->residualOf($putt), $putts);
        [$meanX, $meanR] = [Sample::mean($x), Sample::mean($r)];
        $covariance = 0.0;
        foreach ($x as $i => $xi) {
            $covariance += ($xi - $meanX) * ($r[$i] - $meanR) / (count($x) - 1);
        }
        [$back, $strike] = [$beta ** 2 * (float) Sample::variance($x), (float) Sample::variance($r)];
        $joint = 2.0 * $beta * $covariance;

        return new self($back + $strike + $joint, $back, $strike, $joint);
    }

    /** Share of the scatter, joint term apart, that comes from uneven backstrokes; null without scatter. */
    public function backstrokeShare(): ?float
    {
        $apart = $this->fromBackstroke + $this->fromStrike;

        return $apart > 0.0 ? $this->fromBackstroke / $apart : null;
    }

    /** Whether longer backstrokes went with a stronger or weaker strike enough to be named. */
    public function namesJoint(): bool
    {
        return abs($this->joint) > self::NOT_SMALL * ($this->fromBackstroke + $this->fromStrike);
    }
}
