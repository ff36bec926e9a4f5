<?php

declare(strict_types=1);

namespace App\Actions;

use Carbon\CarbonImmutable;

/** When something happened, as the device that saw it said: what is sent late did not happen late. */
final class DeviceTime
{
    /**
     * Rules for such a time in a request: since this app is there, and not in the future but for a clock that goes
     * wrong.
     */
    public const RULES = ['sometimes', 'integer', 'between:1577836800000,9999999999999'];

    /** @param mixed $milliseconds Unix time, validated; anything else is now, and so is a time to come */
    public static function of(mixed $milliseconds): CarbonImmutable
    {
        $now = CarbonImmutable::now();
        $said = is_int($milliseconds) ? CarbonImmutable::createFromTimestampMsUTC($milliseconds) : $now;

        return $said->min($now);
    }
}
