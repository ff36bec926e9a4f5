<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/**
 * Fits y = α + β ln B + ε to a student's putts (maths.md 3.2, 3.3).
 *
 * Fewer than six putts are fitted by plain least squares: too few to tell a mishit from scatter.
 */
final readonly class StrokeFitter
{
    private const FEWEST_FOR_ROBUST = 6;

    private FitOptions $options;

    /** @param FitOptions|null $options null to fit as shipped */
    public function __construct(?FitOptions $options = null)
    {
        $this->options = $options ?? FitOptions::usual();
    }

    /** @param list<StrokePutt> $putts */
    public function fit(array $putts): StrokeFit
    {
        $x = $y = [];
        foreach ($putts as $putt) {
            $x[] = $putt->logBackstroke;
            $y[] = $putt->logRelativeRoll;
        }
        if ($x === [] || !$this->isDetermined($x)) {
            return StrokeFit::none(count($putts));
        }
        $n = count($x);
        $prior = $this->options->prior;
        $huber = new HuberLine($x, $y, $prior->lambda ?? 0.0, $prior->beta ?? 0.0);
        if ($this->options->robust && $n >= self::FEWEST_FOR_ROBUST) {
            [$line, $weights, $scale] = $huber->fit();

            return StrokeFit::of($line, $weights, self::residuals($line, $x, $y), $scale, $x, $prior);
        }
        $line = $huber->plain();
        $residuals = self::residuals($line, $x, $y);

        return StrokeFit::of($line, array_fill(0, $n, 1.0), $residuals, self::plainScale($residuals), $x, $prior);
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

    /** @param non-empty-list<float> $residuals */
    private static function plainScale(array $residuals): float
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
    private static function residuals(WeightedLine $line, array $x, array $y): array
    {
        [$alpha, $beta] = [$line->alpha, $line->beta];
        $residuals = [];
        foreach ($x as $i => $xi) {
            $residuals[] = $y[$i] - $alpha - $beta * $xi;
        }

        return $residuals;
    }
}
