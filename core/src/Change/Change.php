<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\StudentT;

/** Two lots of balls of one day: do a spread, a mean or a share differ? (maths.md 8.1). */
final class Change
{
    /** More further balls than this are no plan for a day. */
    public const MOST_FURTHER_BALLS = 60;

    /**
     * Spreads of two samples: ln(then/now), positive when the spread has become smaller.
     *
     * @param float $then and $now sample SDs, above 0, from $nThen and $nNow ≥ 2 putts
     *
     * @throws InvalidInput If a spread is not above 0 or a count below 2.
     */
    public static function ofSpread(float $then, int $nThen, float $now, int $nNow): Comparison
    {
        Check::positive($then, 'then');
        Check::positive($now, 'now');
        self::atLeastTwo($nThen, 'n_then');
        self::atLeastTwo($nNow, 'n_now');

        return self::compare(
            log($then / $now),
            static fn(float $level, int $more): float => self::z($level) *
                sqrt(1.0 / (2 * ($nThen - 1)) + 1.0 / (2 * ($nNow + $more - 1))),
        );
    }

    /**
     * Means of two samples by Welch's test (B. L. Welch 1947, Biometrika 34, 28): now less then.
     *
     * @param list<float> $then at least two values
     * @param list<float> $now at least two values
     *
     * @throws InvalidInput If a sample has fewer than two values.
     */
    public static function ofBias(array $then, array $now): Comparison
    {
        self::atLeastTwo(count($then), 'then');
        self::atLeastTwo(count($now), 'now');
        assert($then !== [] && $now !== []);
        [$varThen, $varNow] = [(float) Sample::variance($then), (float) Sample::variance($now)];
        [$nThen, $nNow] = [count($then), count($now)];

        return self::compare(Sample::mean($now) - Sample::mean($then), static function (float $level, int $more) use (
            $varThen,
            $varNow,
            $nThen,
            $nNow,
        ): float {
            [$a, $b] = [$varThen / $nThen, $varNow / ($nNow + $more)];
            if ($a + $b <= 0.0) {
                return 0.0;
            }
            $degrees = ($a + $b) ** 2 / (($a * $a) / ($nThen - 1) + ($b * $b) / ($nNow + $more - 1));

            return StudentT::halfWidth($level, $degrees) * sqrt($a + $b);
        });
    }

    /**
     * Two estimates with standard errors of their own, as of a direction fit: now less then.
     *
     * Further putts are taken to shrink today's error by the root of their number.
     *
     * @param float $thenError and $nowError standard errors, above 0
     * @param positive-int $nNow putts behind today's estimate
     */
    public static function ofEstimates(
        float $then,
        float $thenError,
        float $now,
        float $nowError,
        int $nNow,
    ): Comparison {
        Check::positive($thenError, 'then_error');
        Check::positive($nowError, 'now_error');

        return self::compare(
            $now - $then,
            static fn(float $level, int $more): float => self::z($level) *
                sqrt($thenError ** 2 + ($nowError ** 2 * $nNow) / ($nNow + $more)),
        );
    }

    /**
     * Shares of two lots of balls: difference of logits with ½ added to both counts, now less then.
     *
     * @param int $hitsThen and $hitsNow of $nThen and $nNow ≥ 1 balls
     */
    public static function ofShares(int $hitsThen, int $nThen, int $hitsNow, int $nNow): Comparison
    {
        [$then, $now] = [SessionFigure::ofShare($hitsThen, $nThen), SessionFigure::ofShare($hitsNow, $nNow)];

        return self::ofEstimates($then->value, $then->standardError, $now->value, $now->standardError, max(1, $nNow));
    }

    /** @param \Closure(float, int): float $halfWidth of the interval at a level after so many further balls today */
    private static function compare(float $difference, \Closure $halfWidth): Comparison
    {
        [$narrow, $wide] = [$halfWidth(ChangeCall::LIKELY_LEVEL, 0), $halfWidth(ChangeCall::CLEAR_LEVEL, 0)];

        return new Comparison(
            $difference,
            Interval::around($difference, $narrow),
            Interval::around($difference, $wide),
            abs($difference) > $wide ? null : self::furtherBalls(abs($difference), $halfWidth),
        );
    }

    /**
     * Fewest further balls that make the difference clear; null where 60 are not enough.
     *
     * @param \Closure(float, int): float $halfWidth
     */
    private static function furtherBalls(float $difference, \Closure $halfWidth): ?int
    {
        for ($more = 1; $more <= self::MOST_FURTHER_BALLS; ++$more) {
            if ($halfWidth(ChangeCall::CLEAR_LEVEL, $more) < $difference) {
                return $more;
            }
        }

        return null;
    }

    private static function z(float $level): float
    {
        return Normal::quantile(0.5 + 0.5 * $level);
    }

    private static function atLeastTwo(int $n, string $field): void
    {
        $n >= 2 || throw InvalidInput::outside($field, $n, 'at least 2');
    }
}
