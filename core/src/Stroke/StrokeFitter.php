<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Numeric\Sample;

/**
 * Fits y = α + β ln B + ε to a student's putts (maths.md 3.2, 3.3).
 *
 * P. J. Huber (1964), "Robust estimation of a location parameter", Ann. Math. Statist. 35, 73,
 * with scale by his Proposal 2 and k = 1.345, by iterated reweighting. Time: O(n R), where n is
 * the number of putts and R ≤ 500 the rounds.
 *
 * Fewer than six putts are fitted by plain least squares: too few to tell a mishit from scatter.
 */
final readonly class StrokeFitter
{
    /** Huber's bend, in residual scales. */
    private const K = 1.345;

    /** E min(Z², k²) for standard normal Z, so that s estimates σ for normal scatter. */
    private const CONSISTENCY = 0.7101645482690485;

    private const FEWEST_FOR_ROBUST = 6;
    private const MAX_ROUNDS = 500;
    private const SETTLED = 1e-10;
    private const EXACT = 1e-9;

    private FitOptions $options;

    /** @param FitOptions|null $options null to fit as shipped */
    public function __construct(?FitOptions $options = null)
    {
        $this->options = $options ?? FitOptions::usual();
    }

    /** @param list<StrokePutt> $putts */
    public function fit(array $putts): StrokeFit
    {
        $x = array_map(static fn(StrokePutt $putt): float => $putt->logBackstroke, $putts);
        $y = array_map(static fn(StrokePutt $putt): float => $putt->logRelativeRoll, $putts);
        if ($x === [] || $y === [] || !$this->isDetermined($x)) {
            return StrokeFit::none(count($putts));
        }
        $n = count($x);
        $weights = array_fill(0, $n, 1.0);
        $line = $this->line($x, $y, $weights);
        $residuals = $this->residuals($line, $x, $y);
        $isRobust = $this->options->robust && $n >= self::FEWEST_FOR_ROBUST;
        [$line, $weights, $scale] = $isRobust
            ? $this->reweight($x, $y, $line, $residuals)
            : [$line, $weights, $this->plainScale($residuals)];

        return StrokeFit::of($line, $weights, $this->residuals($line, $x, $y), $scale, $x, $this->options->prior);
    }

    /**
     * Without the prior a line needs three putts and two different backstrokes.
     *
     * @param list<float> $x
     */
    private function isDetermined(array $x): bool
    {
        return $this->options->prior !== null || (count($x) >= 3 && max($x) > min($x));
    }

    /**
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y
     * @param non-empty-list<float> $weights
     */
    private function line(array $x, array $y, array $weights): WeightedLine
    {
        return WeightedLine::through(
            $x,
            $y,
            $weights,
            $this->options->prior->lambda ?? 0.0,
            $this->options->prior->beta ?? 0.0,
        );
    }

    /**
     * Rounds of w = min(1, k s / |r|), new line, new s, until nothing fitted moves by 1e-10.
     *
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y
     * @param non-empty-list<float> $residuals of the unweighted line
     *
     * @return array{WeightedLine, non-empty-list<float>, float} line, weights and scale s
     */
    private function reweight(array $x, array $y, WeightedLine $line, array $residuals): array
    {
        [$shortest, $longest] = [min($x), max($x)];
        $weighted = [array_fill(0, count($x), 0.0), 1.0];
        $scale = Sample::median(array_map(abs(...), $residuals)) / 0.6745;
        for ($round = 0; $round < self::MAX_ROUNDS && $scale >= self::EXACT; ++$round) {
            $bend = self::K * $scale;
            $weighted = [$residuals, $bend];
            $next = $this->bentLine($x, $y, $residuals, $bend);
            $residuals = $this->residuals($next, $x, $y);
            $nextScale = $this->huberScale($residuals, $bend);
            // The largest move of any fitted value on a line is at one of its ends.
            $moved = max(
                abs($next->at($shortest) - $line->at($shortest)),
                abs($next->at($longest) - $line->at($longest)),
                abs($nextScale - $scale),
            );
            [$line, $scale] = [$next, $nextScale];
            if ($moved <= self::SETTLED) {
                break;
            }
        }

        return [$line, self::weights(...$weighted), $scale];
    }

    /**
     * w = min(1, k s/|r|) of each putt.
     *
     * @param non-empty-list<float> $residuals
     *
     * @return non-empty-list<float>
     */
    private static function weights(array $residuals, float $bend): array
    {
        return array_map(static fn(float $r): float => abs($r) > $bend ? $bend / abs($r) : 1.0, $residuals);
    }

    /**
     * The line with those weights, all of it in one pass over the putts.
     *
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y
     * @param non-empty-list<float> $residuals of the line before
     */
    private function bentLine(array $x, array $y, array $residuals, float $bend): WeightedLine
    {
        $n = count($x);
        [$originX, $originY] = [array_sum($x) / $n, array_sum($y) / $n];
        $sum = $sumX = $sumY = $sumXX = $sumXY = 0.0;
        foreach ($residuals as $i => $r) {
            $dx = $x[$i] - $originX;
            $dy = $y[$i] - $originY;
            if ($r > $bend || $r < -$bend) {
                $w = $bend / abs($r);
                $sum += $w;
                $sumX += $w * $dx;
                $sumY += $w * $dy;
                $sumXX += $w * $dx * $dx;
                $sumXY += $w * $dx * $dy;
            } else {
                $sum += 1.0;
                $sumX += $dx;
                $sumY += $dy;
                $sumXX += $dx * $dx;
                $sumXY += $dx * $dy;
            }
        }

        return WeightedLine::ofSums(
            $sum,
            $sumX,
            $sumY,
            $sumXX,
            $sumXY,
            $originX,
            $originY,
            $this->options->prior->lambda ?? 0.0,
            $this->options->prior->beta ?? 0.0,
        );
    }

    /**
     * s by Proposal 2, with residuals cut off at the last round's bend k s.
     *
     * @param non-empty-list<float> $residuals at least three
     */
    private function huberScale(array $residuals, float $bend): float
    {
        $sum = 0.0;
        $cap = $bend * $bend;
        foreach ($residuals as $r) {
            $square = $r * $r;
            $sum += $square > $cap ? $cap : $square;
        }

        return sqrt($sum / ((count($residuals) - 2) * self::CONSISTENCY));
    }

    /** @param non-empty-list<float> $residuals */
    private function plainScale(array $residuals): float
    {
        $spare = count($residuals) - 2;
        if ($spare <= 0) {
            return 0.0;
        }
        $sum = 0.0;
        foreach ($residuals as $r) {
            $sum += $r * $r;
        }

        return sqrt($sum / $spare);
    }

    /**
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y
     *
     * @return non-empty-list<float>
     */
    private function residuals(WeightedLine $line, array $x, array $y): array
    {
        [$alpha, $beta] = [$line->alpha, $line->beta];
        $residuals = [];
        foreach ($x as $i => $xi) {
            $residuals[] = $y[$i] - $alpha - $beta * $xi;
        }

        return $residuals;
    }
}
