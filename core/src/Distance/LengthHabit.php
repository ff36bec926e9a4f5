<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

use Amble\Core\Numeric\Sample;

/**
 * How far past the target a student rolls, as a part that is the same at every length (the pace played for) and a
 * part that grows with it, and how widely. To foretell, not to judge: DistanceControl says how good it is.
 *
 * Relative errors are e = b + a/L with equal spread: least squares on 1/L, with a held near 0 by a normal prior
 * of 0.3 m, as a few putts at like lengths cannot tell the two parts apart (ridge regression: A. E. Hoerl and
 * R. W. Kennard 1970, Technometrics 12, 55). Around that a roll scatters by a factor, as a stroke does
 * (maths.md 3.2). This class is immutable.
 */
final readonly class LengthHabit
{
    private const PRIOR_METRES = 0.3;

    /** A ball that rolled a smaller share of what was meant than this was hardly struck. */
    private const LEAST_SHARE = 0.05;

    /**
     * @param float $past metres, the same at every length
     * @param float $bias share of length, positive long
     * @param float $spread of the logarithm of the roll, above 0: nearly a share of the length
     */
    private function __construct(public float $past, public float $bias, public float $spread) {}

    /**
     * @param list<DistancePutt> $putts those not measured exactly are left out
     *
     * @return self|null null with fewer than three measured ones, or when they do not differ at all
     */
    public static function of(array $putts): ?self
    {
        $points = [];
        foreach ($putts as $putt) {
            if ($putt->error?->isExact() === true) {
                $points[] = [1.0 / $putt->targetMetres, $putt->error->low];
            }
        }
        $n = count($points);
        if ($n < 3) {
            return null;
        }
        [$meanX, $meanY] = [Sample::mean(array_column($points, 0)), Sample::mean(array_column($points, 1))];
        [$xx, $xy, $yy] = [0.0, 0.0, 0.0];
        foreach ($points as [$x, $y]) {
            $xx += ($x - $meanX) ** 2;
            $xy += ($x - $meanX) * ($y - $meanY);
            $yy += ($y - $meanY) ** 2;
        }
        if ($yy <= 0.0) {
            return null;
        }
        $past = $xy / ($xx + $yy / ($n - 1) / self::PRIOR_METRES ** 2);
        $bias = $meanY - $past * $meanX;
        $squares = 0.0;
        foreach ($points as [$x, $y]) {
            $squares += log(max(self::LEAST_SHARE, 1.0 + $y) / max(self::LEAST_SHARE, 1.0 + $bias + $past * $x)) ** 2;
        }

        return new self($past, $bias, max(1e-6, sqrt($squares / ($n - 2))));
    }
}
