<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

use Amble\Core\Exception\InvalidInput;

/**
 * The few range checks every quantity shares; each returns the value it was given.
 *
 * @internal
 */
final class Check
{
    /** Slack with which a comparison on a boundary counts as reached (contracts.md). */
    public const SLACK = 1e-9;

    private const LEVEL_MARGIN = 1e-6;

    /** @throws InvalidInput If the value is NaN or infinite. */
    public static function finite(float $value, string $field): float
    {
        return is_finite($value) ? $value : throw InvalidInput::notFinite($field);
    }

    /** @throws InvalidInput If the value is not a finite number above 0. */
    public static function positive(float $value, string $field): float
    {
        return self::finite($value, $field) > 0.0 ? $value : throw InvalidInput::notPositive($field, $value);
    }

    /** @throws InvalidInput If the value is not a finite number of at least 0. */
    public static function notNegative(float $value, string $field): float
    {
        return self::finite($value, $field) >= 0.0 ? $value : throw InvalidInput::negative($field, $value);
    }

    /**
     * Keeps a figure inside what the job can bring: beyond it sums overflow or searches do not end, and
     * nothing they would say means anything.
     *
     * @throws InvalidInput If the value is not a finite number in the range; both ends count.
     */
    public static function within(float $value, float $least, float $most, string $field): float
    {
        return self::finite($value, $field) >= $least && $value <= $most
            ? $value
            : throw InvalidInput::outside(
                $field,
                $value,
                sprintf('from %s to %s', self::plain($least), self::plain($most)),
            );
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(sprintf('%.6F', $value), '0'), '.');
    }

    /**
     * The level of an interval: beyond a millionth from 0 or 1 no sample this tool sees tells anything.
     *
     * @throws InvalidInput If the value is not that far inside 0 and 1.
     */
    public static function level(float $value, string $field): float
    {
        self::share($value, $field);

        return $value >= self::LEVEL_MARGIN && $value <= 1.0 - self::LEVEL_MARGIN
            ? $value
            : throw InvalidInput::at($field, 'This must keep a millionth away from 0 and 1.');
    }

    /** @throws InvalidInput If the value is not strictly between 0 and 1. */
    public static function share(float $value, string $field): float
    {
        self::finite($value, $field);

        return $value > 0.0 && $value < 1.0 ? $value : throw InvalidInput::outside($field, $value, 'between 0 and 1');
    }
}
