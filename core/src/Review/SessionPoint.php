<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Change\SessionFigure;
use Amble\Core\Numeric\Interval;

/** One session's point of a measure that is drawn over time. This class is immutable. */
final readonly class SessionPoint
{
    /**
     * @param Interval|null $interval at 80 %; null where too few balls tell one
     * @param int $n balls
     * @param SessionFigure|null $figure by which sessions are compared; null where the session does not tell it
     */
    private function __construct(
        public ?float $value,
        public ?Interval $interval,
        public int $n,
        public ?SessionFigure $figure,
    ) {}

    /**
     * @param class-string<ChartedMeasure> $measure
     *
     * @return self|null null where no ball tells it
     */
    public static function of(string $measure, BallSelection $session): ?self
    {
        $finding = $measure::of($session);

        return $finding === null
            ? null
            : new self(
                $finding->value,
                $finding->interval,
                $finding->n,
                $finding->n < SessionFigure::FEWEST_BALLS || !is_subclass_of($measure, ComparableMeasure::class)
                    ? null
                    : $measure::figure($session),
            );
    }

    /** @return list<int|float|null> for keeping */
    public function kept(): array
    {
        return [
            $this->value,
            $this->interval?->low,
            $this->interval?->high,
            $this->n,
            $this->figure?->value,
            $this->figure?->standardError,
        ];
    }

    /** @param list<int|float|null> $kept */
    public static function restored(array $kept): self
    {
        [$value, $low, $high, $n, $figure, $error] = $kept;

        return new self(
            $value === null ? null : (float) $value,
            $low === null || $high === null ? null : new Interval((float) $low, (float) $high),
            (int) $n,
            $figure === null ? null : SessionFigure::of((float) $figure, (float) $error),
        );
    }
}
