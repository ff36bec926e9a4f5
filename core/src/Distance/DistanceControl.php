<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\CensoredNormal;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\ChiSquare;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\StudentT;

/**
 * How well a student rolls the length that was meant (maths.md 5). Shares of length, positive long.
 *
 * The pace a student plays for moves the target, not the error. A ball cut short tells "at least"
 * (5.1). This class is immutable.
 */
final readonly class DistanceControl
{
    /** A tenth of the length, unless the drill says otherwise. */
    public const DEFAULT_WINDOW = 0.1;

    private const WIDEST_WINDOW = 100.0;

    /**
     * @param int $n all putts
     * @param int $nMeasured those whose error is exact
     * @param int $nCutShort those that would have rolled further
     * @param float|null $insideShare of those that tell; null where none does
     * @param float|null $insideShareEstimated of all, by the fitted normal law, where some do not tell (5.1); null
     *     where
     *                                         all tell, or bias and spread are unknown
     * @param float|null $biasError standard error of the bias
     * @param float|null $logSpreadError standard error of ln(spread)
     * @param int $short balls certainly short of the target; likewise $long
     */
    private function __construct(
        public int $n,
        public int $nMeasured,
        public int $nCutShort,
        public ?float $bias,
        public ?float $spread,
        public ?Interval $biasInterval,
        public ?Interval $spreadInterval,
        public ?float $insideShare,
        public ?Interval $insideInterval,
        public ?float $insideShareEstimated,
        public ?Interval $insideEstimatedInterval,
        private int $nUnknown,
        public ?float $biasError,
        public ?float $logSpreadError,
        public int $short,
        public int $long,
    ) {}

    /**
     * @param list<DistancePutt> $putts
     * @param float $window share of length, above 0
     * @param float $level of the intervals, 0.8 unless asked
     *
     * @throws InvalidInput If there is no putt, or window or level are out of range.
     */
    public static function of(array $putts, float $window = self::DEFAULT_WINDOW, float $level = 0.8): self
    {
        Check::within(Check::positive($window, 'window'), 0.0, self::WIDEST_WINDOW, 'window');
        Check::level($level, 'level');
        if ($putts === []) {
            throw InvalidInput::emptyList('putts', 'putt');
        }
        $errors = $bounds = [];
        $told = $inside = $holed = $short = $long = 0;
        foreach ($putts as $putt) {
            $error = $putt->error;
            if ($error !== null) {
                $bounds[] = $error;
                $short += (int) ($error->high < 0.0);
                $long += (int) ($error->low > 0.0);
                if ($error->isExact()) {
                    $errors[] = $error->low;
                }
            }
            $isInside = $putt->isInside($window);
            $told += (int) ($isInside !== null);
            $inside += (int) ($isInside === true);
            $holed += (int) $putt->isHoled;
        }
        $cutShort = count($bounds) - count($errors);
        $fit = $cutShort > 0 && $bounds !== [] ? CensoredNormal::fit($bounds) : null;
        [$bias, $spread, $biasInterval, $spreadInterval] =
            $cutShort > 0 ? self::censored($fit, $level) : self::plain($errors, $level);
        $unknown = count($putts) - $told;
        [$estimated, $estimatedInterval] =
            $unknown === 0 || $fit === null
                ? [null, null]
                : self::estimated($fit, $window, $level, $holed, count($putts));

        return new self(
            n: count($putts),
            nMeasured: count($errors),
            nCutShort: $cutShort,
            bias: $bias,
            spread: $spread,
            biasInterval: $biasInterval,
            spreadInterval: $spreadInterval,
            insideShare: $told === 0 ? null : $inside / $told,
            insideInterval: $told === 0 ? null : Interval::wilson($inside, $told, $level),
            insideShareEstimated: $estimated,
            insideEstimatedInterval: $estimatedInterval,
            nUnknown: $unknown,
            biasError: $cutShort > 0 ? $fit?->meanError : ($spread === null ? null : $spread / sqrt(count($errors))),
            logSpreadError: $cutShort > 0
                ? $fit?->logSpreadError
                : ($spread === null
                    ? null
                    : 1.0 / sqrt(2.0 * (count($errors) - 1))),
            short: $short,
            long: $long,
        );
    }

    /**
     * The share inside that is shown: of all balls where each tells; where some were cut short before the window's end
     * the others are the good half, so it is the estimated one (5.1). Null where nothing can be shown.
     */
    public function shownInside(): ?float
    {
        return $this->nUnknown > 0 ? $this->insideShareEstimated : $this->insideShare;
    }

    /** Interval of the shown share. */
    public function shownInsideInterval(): ?Interval
    {
        return $this->nUnknown > 0 ? $this->insideEstimatedInterval : $this->insideInterval;
    }

    /** Whether the shown share is estimated rather than counted. */
    public function isInsideEstimated(): bool
    {
        return $this->nUnknown > 0;
    }

    /**
     * Mean and spread with t and chi-square intervals.
     *
     * @param list<float> $errors
     *
     * @return array{float|null, float|null, Interval|null, Interval|null}
     */
    private static function plain(array $errors, float $level): array
    {
        if ($errors === []) {
            return [null, null, null, null];
        }
        $bias = Sample::mean($errors);
        $variance = Sample::variance($errors);
        if ($variance === null) {
            return [$bias, null, null, null];
        }
        $m = count($errors);
        $spread = sqrt($variance);

        return [
            $bias,
            $spread,
            Interval::around($bias, (StudentT::halfWidth($level, $m - 1) * $spread) / sqrt($m)),
            self::spreadInterval($spread, $m - 1, $level),
        ];
    }

    /** @return array{float|null, float|null, Interval|null, Interval|null} nothing where the maximum does not exist */
    private static function censored(?CensoredNormal $fit, float $level): array
    {
        return $fit === null
            ? [null, null, null, null]
            : [$fit->mean, $fit->spread, $fit->meanInterval($level), $fit->spreadInterval($level)];
    }

    /**
     * The fitted normal law's share inside; holed balls stay inside: (H + p (n − H))/n.
     *
     * @return array{float, Interval}
     */
    private static function estimated(CensoredNormal $fit, float $window, float $level, int $holed, int $n): array
    {
        $withHoled = static fn(float $share): float => ($holed + $share * ($n - $holed)) / $n;
        $interval = $fit->shareInsideInterval($window, $level);

        return [
            $withHoled($fit->shareInside($window)),
            new Interval($withHoled($interval->low), $withHoled($interval->high)),
        ];
    }

    private static function spreadInterval(float $spread, int $degreesOfFreedom, float $level): Interval
    {
        return new Interval(
            $spread * sqrt($degreesOfFreedom / ChiSquare::quantile(0.5 + 0.5 * $level, $degreesOfFreedom)),
            $spread * sqrt($degreesOfFreedom / ChiSquare::quantile(0.5 - 0.5 * $level, $degreesOfFreedom)),
        );
    }
}
