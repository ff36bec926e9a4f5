<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\StudentT;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * A student's own line from backstroke to roll, and how sure it is (maths.md 3.3 to 3.5).
 *
 * In state none there is no line: predictions are null. This class is immutable.
 */
final readonly class StrokeFit
{
    /** Fitted from this many putts and this many distinct lengths on. */
    private const FEWEST_PUTTS = 6;
    private const FEWEST_LENGTHS = 3;

    /** Two backstrokes this far apart count as two lengths, metres. */
    private const DISTINCT_METRES = 0.02;

    /** |r| / s beyond which a putt is shown to the coach. */
    private const ODD_RATIO = 3.0;

    /**
     * @param float|null $sigma residual spread of the log roll
     * @param float|null $degreesOfFreedom ν
     * @param list<float> $weights in the order of the putts, each in (0, 1]
     * @param list<float> $residuals of the log roll, in the order of the putts
     * @param list<int> $marked 0-based indexes of putts for the coach's eye
     */
    private function __construct(
        public FitState $state,
        public int $n,
        private ?WeightedLine $line,
        public ?float $sigma,
        public ?float $degreesOfFreedom,
        public array $weights,
        public array $residuals,
        public array $marked,
        public ?float $shortestMetres,
        public ?float $longestMetres,
    ) {}

    public static function none(int $n): self
    {
        return new self(
            state: FitState::None,
            n: $n,
            line: null,
            sigma: null,
            degreesOfFreedom: null,
            weights: [],
            residuals: [],
            marked: [],
            shortestMetres: null,
            longestMetres: null,
        );
    }

    /**
     * @internal built by the fitter
     *
     * @param non-empty-list<float> $weights
     * @param non-empty-list<float> $residuals
     * @param float $scale s of maths.md 3.3
     * @param non-empty-list<float> $logBackstrokes
     */
    public static function of(
        WeightedLine $line,
        array $weights,
        array $residuals,
        float $scale,
        array $logBackstrokes,
        ?StrokePrior $prior,
    ): self {
        $n = count($weights);
        $spare = max(0, $n - 2);
        $degrees = $spare + ($prior->nu ?? 0.0);
        $variance = ($spare * $scale ** 2 + ($prior === null ? 0.0 : $prior->nu * $prior->sigma ** 2)) / $degrees;
        $metres = array_map(exp(...), $logBackstrokes);

        return new self(
            state: self::stateOf($metres),
            n: $n,
            line: $line,
            sigma: sqrt($variance),
            degreesOfFreedom: $degrees,
            weights: $weights,
            residuals: $residuals,
            marked: $n >= self::FEWEST_PUTTS ? self::oddOnes($residuals, $scale) : [],
            shortestMetres: min($metres),
            longestMetres: max($metres),
        );
    }

    /** α: ln of the relative roll of a 1 m backstroke. Null in state none. */
    public function alpha(): ?float
    {
        return $this->line?->alpha;
    }

    /** β: doubling the backstroke sends the ball 2^β times as far. Null in state none. */
    public function beta(): ?float
    {
        return $this->line?->beta;
    }

    /** The line alone, without what each putt was to it: small enough to be kept for a while. */
    public function lineOnly(): self
    {
        return new self(
            state: $this->state,
            n: $this->n,
            line: $this->line,
            sigma: $this->sigma,
            degreesOfFreedom: $this->degreesOfFreedom,
            weights: [],
            residuals: [],
            marked: [],
            shortestMetres: $this->shortestMetres,
            longestMetres: $this->longestMetres,
        );
    }

    /**
     * What this fit tells a workspace's prior; null until it is fitted, and where longer backstrokes rolled no further:
     * such balls tell of no stroke.
     */
    public function summary(): ?StrokeSummary
    {
        return $this->state !== FitState::Fitted ||
            $this->line === null ||
            $this->line->beta <= 0.0 ||
            $this->sigma === null ||
            $this->degreesOfFreedom === null
            ? null
            : StrokeSummary::of(
                $this->line->beta,
                $this->sigma / sqrt($this->line->spreadX),
                $this->sigma,
                $this->degreesOfFreedom,
            );
    }

    /**
     * Roll of a backstroke on a green, with its band for one new ball; null in state none or
     * where no ball stops.
     *
     * @param float $band share of new rolls inside the band, 0.8 unless asked
     * @param float $speedError standard error of the green speed as a share of it, at least 0; adds
     *                          to the band in quadrature, as ln S adds to ln D
     */
    public function predict(
        Length $backstroke,
        GreenSpeed $speed,
        Grade $grade,
        float $band = 0.8,
        float $speedError = 0.0,
    ): ?RollPrediction {
        if ($this->line === null || $this->sigma === null || $this->degreesOfFreedom === null) {
            return null;
        }
        $x = log($backstroke->metres());
        $centre = $this->line->at($x);
        $variance =
            $speedError ** 2 +
            $this->sigma ** 2 *
                (1.0 + 1.0 / $this->line->sumWeights + ($x - $this->line->meanX) ** 2 / $this->line->spreadX);
        $half = StudentT::halfWidth(Check::share($band, 'band'), $this->degreesOfFreedom) * sqrt($variance);
        $ground = new LineRoll($speed, $grade);
        $roll = static fn(float $log): ?float => $ground->rollOf(exp($log) * $speed->metres());
        [$middle, $low, $high] = [$roll($centre), $roll($centre - $half), $roll($centre + $half)];

        return $middle === null || $low === null || $high === null
            ? null
            : new RollPrediction($middle, $low, $high, $this->isExtrapolated($backstroke->metres()));
    }

    /**
     * Backstroke whose centre line gives the wanted roll; null in state none, where no ball
     * stops, or where the line is flat.
     */
    public function backstrokeFor(Length $roll, GreenSpeed $speed, Grade $grade): ?BackstrokeAnswer
    {
        $level = (new LineRoll($speed, $grade))->playsLike($roll);
        if ($this->line === null || $level === null || $this->line->beta === 0.0) {
            return null;
        }
        $metres = exp((log($level / $speed->metres()) - $this->line->alpha) / $this->line->beta);

        return is_finite($metres) && $metres > 0.0
            ? new BackstrokeAnswer($metres, $this->isExtrapolated($metres))
            : null;
    }

    /** Whether a backstroke lies outside the lengths that were fitted. */
    public function isExtrapolated(float $backstrokeMetres): bool
    {
        return $this->shortestMetres === null ||
            $this->longestMetres === null ||
            $backstrokeMetres < $this->shortestMetres - Check::SLACK ||
            $backstrokeMetres > $this->longestMetres + Check::SLACK;
    }

    /** Residual of a putt that need not be among those fitted: positive is long. Null in state none. */
    public function residualOf(StrokePutt $putt): ?float
    {
        return $this->line === null ? null : $putt->logRelativeRoll - $this->line->at($putt->logBackstroke);
    }

    /** Variance of the centre line at a mean ln backstroke, σ² (1/W + (x − x̄)²/(S_xx + λ)); null in state none. */
    public function lineVarianceAt(float $logBackstroke): ?float
    {
        return $this->line === null || $this->sigma === null
            ? null
            : $this->sigma ** 2 *
                    (1.0 / $this->line->sumWeights + ($logBackstroke - $this->line->meanX) ** 2 / $this->line->spreadX);
    }

    /** @param non-empty-list<float> $metres */
    private static function stateOf(array $metres): FitState
    {
        $counted = min($metres);
        for ($lengths = 1; $lengths < self::FEWEST_LENGTHS; ++$lengths) {
            $next = INF;
            foreach ($metres as $length) {
                if ($length < $next && $length - $counted >= self::DISTINCT_METRES - Check::SLACK) {
                    $next = $length;
                }
            }
            if ($next === INF) {
                break;
            }
            $counted = $next;
        }

        return count($metres) >= self::FEWEST_PUTTS && $lengths >= self::FEWEST_LENGTHS
            ? FitState::Fitted
            : FitState::Provisional;
    }

    /**
     * @param non-empty-list<float> $residuals
     *
     * @return list<int>
     */
    private static function oddOnes(array $residuals, float $scale): array
    {
        // Residuals of a perfect fit are rounding; without the slack they would be marked.
        $limit = self::ODD_RATIO * $scale + Check::SLACK;

        return array_keys(array_filter($residuals, static fn(float $r): bool => abs($r) > $limit));
    }
}
