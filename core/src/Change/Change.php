<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\StudentT;

/** Then and now: has a spread or a bias changed? (maths.md 8). */
final class Change
{
    private const LEVEL = 0.8;

    /** More than this many further putts is no plan; the search for their number stops there. */
    private const MOST_PUTTS = 100_000;

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
        $z = self::z();

        return self::compare(
            log($then / $now),
            static fn(int $more): float => $z * sqrt(1.0 / (2 * ($nThen - 1)) + 1.0 / (2 * ($nNow + $more - 1))),
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

        return self::compare(
            Sample::mean($now) - Sample::mean($then),
            static function (int $more) use ($varThen, $varNow, $nThen, $nNow): float {
                [$a, $b] = [$varThen / $nThen, $varNow / ($nNow + $more)];
                if ($a + $b <= 0.0) {
                    return 0.0;
                }
                $degrees = ($a + $b) ** 2 / ($a * $a / ($nThen - 1) + $b * $b / ($nNow + $more - 1));

                return StudentT::halfWidth(self::LEVEL, $degrees) * sqrt($a + $b);
            },
        );
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
        $z = self::z();

        return self::compare(
            $now - $then,
            static fn(int $more): float => $z * sqrt($thenError ** 2 + $nowError ** 2 * $nNow / ($nNow + $more)),
        );
    }

    /** @param \Closure(int): float $halfWidth of the interval after so many further putts today */
    private static function compare(float $difference, \Closure $halfWidth): Comparison
    {
        return new Comparison(
            $difference,
            Interval::around($difference, $halfWidth(0)),
            abs($difference) > $halfWidth(0) ? null : self::furtherPutts(abs($difference), $halfWidth),
        );
    }

    /**
     * Fewest further putts whose half-width is below the difference, by doubling then halving; null
     * when yesterday's own uncertainty alone is too wide.
     *
     * @param \Closure(int): float $halfWidth
     */
    private static function furtherPutts(float $difference, \Closure $halfWidth): ?int
    {
        if ($halfWidth(self::MOST_PUTTS) >= $difference) {
            return null;
        }
        [$few, $enough] = [0, 1];
        while ($halfWidth($enough) >= $difference) {
            [$few, $enough] = [$enough, 2 * $enough];
        }
        while ($enough - $few > 1) {
            $middle = intdiv($few + $enough, 2);
            [$few, $enough] = $halfWidth($middle) >= $difference ? [$middle, $enough] : [$few, $middle];
        }

        return $enough;
    }

    private static function z(): float
    {
        return Normal::quantile(0.5 + 0.5 * self::LEVEL);
    }

    private static function atLeastTwo(int $n, string $field): void
    {
        $n >= 2 || throw InvalidInput::outside($field, $n, 'at least 2');
    }
}
