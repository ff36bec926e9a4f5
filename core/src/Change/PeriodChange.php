<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\BetweenGroups;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\StudentT;

/**
 * Whether a figure has changed from the earlier sessions to the later ones (maths.md 8.2).
 *
 * Each session gives one figure x_j with its own standard error s_j. Days differ by τ, estimated within the two periods
 * (k − 2 degrees) and held by four sessions' worth of the shipped τ₀ ({@see BetweenGroups}). Period means have weights
 * 1/(s_j² + τ²); their difference has Student's t with k + 2 degrees. This class is immutable.
 */
final readonly class PeriodChange
{
    /**
     * τ₀, how far days usually lie apart: pace average (share of length), ln of a spread, a logit, start direction
     * (degrees).
     */
    public const PACE = 0.05;
    public const LOG_SPREAD = 0.15;
    public const LOGIT = 0.3;
    public const START_DEGREES = 0.3;

    /** What is shipped weighs as much as this many sessions. */
    private const SHIPPED_SESSIONS = 4;

    /** More further sessions than this are no plan. */
    public const MOST_FURTHER_SESSIONS = 6;

    /**
     * @param float $earlier mean of the earlier sessions, in the figures' unit; likewise $later
     * @param float $difference later less earlier
     * @param float $tau between-session spread τ, in the figures' unit
     * @param float $earlierVariance of the earlier period's mean
     * @param float $laterWeight sum of the later sessions' weights 1/(s² + τ²)
     * @param positive-int $sessions k, in both periods together
     * @param float $laterVariance a further session's s² + τ², taken as the later sessions' mean
     */
    private function __construct(
        public float $earlier,
        public float $later,
        public float $difference,
        public float $standardError,
        public float $tau,
        public int $degreesOfFreedom,
        private float $earlierVariance,
        private float $laterWeight,
        private int $sessions,
        private float $laterVariance,
    ) {}

    /**
     * @param list<SessionFigure> $earlier at least one
     * @param list<SessionFigure> $later at least one
     * @param float $dayToDay τ₀, the shipped between-session spread, above 0
     *
     * @throws InvalidInput If a period is empty.
     */
    public static function of(array $earlier, array $later, float $dayToDay): self
    {
        if ($earlier === [] || $later === []) {
            throw InvalidInput::outside('earlier', count($earlier), 'at least one session on each side');
        }
        $k = count($earlier) + count($later);
        [$then, $now] = [self::pairs($earlier), self::pairs($later)];
        $tau2 = BetweenGroups::heldVariance([$then, $now], $dayToDay, self::SHIPPED_SESSIONS);
        [$before, $beforeWeight] = BetweenGroups::mean($then, $tau2);
        [$after, $afterWeight] = BetweenGroups::mean($now, $tau2);
        $variances = array_map(static fn(SessionFigure $figure): float => $figure->standardError ** 2 + $tau2, $later);

        return new self(
            earlier: $before,
            later: $after,
            difference: $after - $before,
            standardError: sqrt(1.0 / $beforeWeight + 1.0 / $afterWeight),
            tau: sqrt($tau2),
            degreesOfFreedom: $k + 2,
            earlierVariance: 1.0 / $beforeWeight,
            laterWeight: $afterWeight,
            sessions: $k,
            laterVariance: array_sum($variances) / count($variances),
        );
    }

    /**
     * Mean of one period's sessions, with the between-session spread in its error.
     *
     * @param non-empty-list<SessionFigure> $figures
     * @param float $dayToDay τ₀, above 0
     *
     * @return array{float, float} mean and standard error
     */
    public static function meanOf(array $figures, float $dayToDay): array
    {
        [$mean, $weight] = BetweenGroups::mean(self::pairs($figures), self::tauOf($figures, $dayToDay) ** 2);

        return [$mean, 1.0 / sqrt($weight)];
    }

    /**
     * τ of one period's sessions, held by four sessions' worth of what is shipped, as in 3.6.
     *
     * @param list<SessionFigure> $figures the shipped τ₀ where there are none
     * @param float $dayToDay τ₀, above 0
     */
    public static function tauOf(array $figures, float $dayToDay): float
    {
        return sqrt(
            BetweenGroups::heldVariance(
                $figures === [] ? [] : [self::pairs($figures)],
                $dayToDay,
                self::SHIPPED_SESSIONS,
            ),
        );
    }

    /**
     * "clearly shorter", or what would settle it in sessions.
     *
     * @param string $more what a positive difference means; $less what a negative one does
     */
    public function inWords(string $more, string $less): string
    {
        $further = $this->furtherSessions();

        return $this->call()->inWords(
            $this->difference > 0.0 ? $more : $less,
            $further === null ? null : sprintf('%d more session%s', $further, $further === 1 ? '' : 's'),
        );
    }

    public function interval(float $level): Interval
    {
        return Interval::around(
            $this->difference,
            StudentT::halfWidth($level, $this->degreesOfFreedom) * $this->standardError,
        );
    }

    public function call(): ChangeCall
    {
        return ChangeCall::of($this->interval(ChangeCall::CLEAR_LEVEL), $this->interval(ChangeCall::LIKELY_LEVEL));
    }

    /** Whether "clearly" may be said of it. */
    public function isClear(): bool
    {
        return $this->call() === ChangeCall::Clear;
    }

    /**
     * Fewest further sessions, like the later ones and with the difference as it is, that would make the change clear.
     *
     * @return int|null null where it is clear already, or where more than six would be needed
     */
    public function furtherSessions(): ?int
    {
        if ($this->isClear()) {
            return null;
        }
        for ($more = 1; $more <= self::MOST_FURTHER_SESSIONS; ++$more) {
            $error = sqrt($this->earlierVariance + 1.0 / ($this->laterWeight + $more / $this->laterVariance));
            if (
                abs($this->difference) >
                StudentT::halfWidth(ChangeCall::CLEAR_LEVEL, $this->sessions + $more + 2) * $error
            ) {
                return $more;
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<SessionFigure> $figures
     *
     * @return non-empty-list<array{float, float}> figure and standard error
     */
    private static function pairs(array $figures): array
    {
        return array_map(static fn(SessionFigure $figure): array => [$figure->value, $figure->standardError], $figures);
    }
}
