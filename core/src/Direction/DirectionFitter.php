<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\CensoredNormal;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\RootFinder;

/** Bias μ and spread σ of a normal start line from bounds and exact angles, radians (maths.md 4.2). */
final readonly class DirectionFitter
{
    /** Chance of the data at the upper bound of the spread. */
    private const BOUND_CHANCE = 0.05;

    /** @param list<Bound> $bounds */
    public function fit(array $bounds): DirectionFit
    {
        if ($bounds === []) {
            return DirectionFit::none();
        }
        $fit = CensoredNormal::fit($bounds);

        return $fit === null
            ? DirectionFit::bounded(count($bounds), self::spreadUpperBound($bounds))
            : DirectionFit::estimated(count($bounds), $fit->mean, $fit->spread, $fit->meanError, $fit->logSpreadError);
    }

    /**
     * Largest σ with Π (Φ(high/σ) − Φ(low/σ)) ≥ 0.05 at μ = 0; null unless every bound is finite
     * and holds 0, and when no σ reaches that chance.
     *
     * @param non-empty-list<Bound> $bounds
     */
    private static function spreadUpperBound(array $bounds): ?float
    {
        $wide = 0.0;
        foreach ($bounds as $bound) {
            if (!$bound->isFinite() || !$bound->holdsZero() || $bound->isExact()) {
                return null;
            }
            $wide = max($wide, $bound->high - $bound->low);
        }
        $excess = static function (float $logSigma) use ($bounds): float {
            $sum = -log(self::BOUND_CHANCE);
            foreach ($bounds as $bound) {
                $sum += Normal::logInterval($bound->low / exp($logSigma), $bound->high / exp($logSigma));
            }

            return $sum;
        };
        [$low, $high] = [log($wide) - 12.0, log($wide) + 12.0];

        return $excess($low) < 0.0 ? null : exp(RootFinder::brent($excess, $low, $high));
    }
}
