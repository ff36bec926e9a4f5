<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;

/** One session's figure with its own standard error, in the unit in which sessions are compared. Immutable. */
final readonly class SessionFigure
{
    /** A session with fewer balls does not enter: its standard error is not to be trusted (maths.md 8.2). */
    public const FEWEST_BALLS = 5;

    /** Figures and errors beyond this belong to no measure of putting. */
    private const LARGEST = 1e6;
    private const SMALLEST_ERROR = 1e-9;

    private function __construct(public float $value, public float $standardError) {}

    /** @throws InvalidInput If the figure is not finite or its error is not above 0. */
    public static function of(float $value, float $standardError, string $path = ''): self
    {
        return new self(
            Check::within($value, -self::LARGEST, self::LARGEST, "{$path}value"),
            // A figure without scatter still has a weight that can be written down.
            max(
                self::SMALLEST_ERROR,
                Check::within(Check::positive($standardError, "{$path}se"), 0.0, self::LARGEST, "{$path}se"),
            ),
        );
    }

    /**
     * A spread on the log scale: ln s with SE 1/√(2(n − 1)) (maths.md 8.1).
     *
     * @param float $spread above 0
     * @param int $n balls, at least 2
     * @param float $factor on the standard error: 1.2 for the scale of a robust fit
     */
    public static function ofSpread(float $spread, int $n, float $factor = 1.0): self
    {
        return self::of(log($spread), $factor / sqrt(2.0 * ($n - 1)));
    }

    /** A share on the logit scale, with ½ added to both counts. */
    public static function ofShare(int $hits, int $n): self
    {
        return self::of(log(($hits + 0.5) / ($n - $hits + 0.5)), sqrt(1.0 / ($hits + 0.5) + 1.0 / ($n - $hits + 0.5)));
    }
}
