<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;

/**
 * Bias and spread of a student's start line, radians, positive right. Immutable.
 *
 * Figures are null unless the state is estimated; the bound only exists in state bounded.
 */
final readonly class DirectionFit
{
    /**
     * @param float|null $biasError standard error of the bias, radians
     * @param float|null $logSpreadError standard error of ln(spread)
     * @param float|null $spreadUpperBound radians
     */
    private function __construct(
        public DirectionState $state,
        public int $n,
        public ?float $bias,
        public ?float $spread,
        public ?float $biasError,
        public ?float $logSpreadError,
        public ?float $spreadUpperBound,
    ) {}

    public static function none(): self
    {
        return new self(DirectionState::None, 0, null, null, null, null, null);
    }

    public static function bounded(int $n, ?float $spreadUpperBound): self
    {
        return new self(DirectionState::Bounded, $n, null, null, null, null, $spreadUpperBound);
    }

    public static function estimated(int $n, float $bias, float $spread, float $biasError, float $logSpreadError): self
    {
        return new self(DirectionState::Estimated, $n, $bias, $spread, $biasError, $logSpreadError, null);
    }

    /** Wald interval of the bias, radians; null unless estimated. */
    public function biasInterval(float $level): ?Interval
    {
        return $this->bias === null || $this->biasError === null
            ? null
            : Interval::around($this->bias, Normal::quantile(0.5 + 0.5 * $level) * $this->biasError);
    }

    /** Wald interval of the spread on the log scale, radians; null unless estimated. */
    public function spreadInterval(float $level): ?Interval
    {
        if ($this->spread === null || $this->logSpreadError === null) {
            return null;
        }
        $factor = exp(Normal::quantile(0.5 + 0.5 * $level) * $this->logSpreadError);

        return new Interval($this->spread / $factor, $this->spread * $factor);
    }
}
