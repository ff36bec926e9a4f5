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

    /** @throws InvalidInput If the value is not strictly between 0 and 1. */
    public static function share(float $value, string $field): float
    {
        self::finite($value, $field);

        return $value > 0.0 && $value < 1.0 ? $value : throw InvalidInput::outside($field, $value, 'between 0 and 1');
    }
}
