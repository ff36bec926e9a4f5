<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\ChiSquare;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\StudentT;

/**
 * How well a student rolls the length that was meant (maths.md 5). Shares of length, positive long.
 *
 * The pace a student plays for moves the target, not the error. This class is immutable.
 */
final readonly class DistanceControl
{
    /** A tenth of the length, unless the drill says otherwise. */
    public const DEFAULT_WINDOW = 0.1;

    /**
     * @param int $n all putts
     * @param int $nMeasured those that enter bias and spread
     */
    private function __construct(
        public int $n,
        public int $nMeasured,
        public ?float $bias,
        public ?float $spread,
        public ?Interval $biasInterval,
        public ?Interval $spreadInterval,
        public float $insideShare,
        public Interval $insideInterval,
        public int $short,
        public int $long,
    ) {
    }

    /**
     * @param list<DistancePutt> $putts
     * @param float $window share of length, above 0
     * @param float $level of the intervals, 0.8 unless asked
     *
     * @throws InvalidInput If there is no putt, or window or level are out of range.
     */
    public static function of(array $putts, float $window = self::DEFAULT_WINDOW, float $level = 0.8): self
    {
        Check::positive($window, 'window');
        Check::share($level, 'level');
        $n = count($putts);
        if ($n === 0) {
            throw InvalidInput::emptyList('putts', 'putt');
        }
        $errors = array_values(array_filter(
            array_map(static fn(DistancePutt $putt): ?float => $putt->relativeError, $putts),
            static fn(?float $error): bool => $error !== null,
        ));
        $inside = count(array_filter($putts, static fn(DistancePutt $putt): bool => $putt->isInside($window)));
        $m = count($errors);
        $bias = $errors === [] ? null : Sample::mean($errors);
        $variance = $errors === [] ? null : Sample::variance($errors);
        $spread = $variance === null ? null : sqrt($variance);

        return new self(
            $n,
            $m,
            $bias,
            $spread,
            $bias === null || $spread === null
                ? null
                : Interval::around($bias, StudentT::halfWidth($level, $m - 1) * $spread / sqrt($m)),
            $spread === null ? null : self::spreadInterval($spread, $m - 1, $level),
            $inside / $n,
            Interval::wilson($inside, $n, $level),
            count(array_filter($errors, static fn(float $error): bool => $error < 0.0)),
            count(array_filter($errors, static fn(float $error): bool => $error > 0.0)),
        );
    }

    private static function spreadInterval(float $spread, int $degreesOfFreedom, float $level): Interval
    {
        return new Interval(
            $spread * sqrt($degreesOfFreedom / ChiSquare::quantile(0.5 + 0.5 * $level, $degreesOfFreedom)),
            $spread * sqrt($degreesOfFreedom / ChiSquare::quantile(0.5 - 0.5 * $level, $degreesOfFreedom)),
        );
    }
}
