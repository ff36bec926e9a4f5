<?php

declare(strict_types=1);

namespace App\Auth;

use ParagonIE\ConstantTime\Base32;

/**
 * Codes that change by the clock, as any authenticator shows them: RFC 6238 (TOTP) over RFC 4226 (HOTP), with SHA-1,
 * six digits and steps of half a minute counted from 1970.
 */
final class TimeCode
{
    public const STEP_SECONDS = 30;

    private const DIGITS = 6;

    /** As long as the hash, which RFC 4226, section 4, asks for. */
    private const SECRET_BYTES = 20;

    /** A clock so many steps off still does; RFC 6238, section 5.2, advises one at most. */
    private const SLACK_STEPS = 1;

    private const ISSUER = 'Amble';

    /** @return string in base 32, as it is typed into an authenticator */
    public static function newSecret(): string
    {
        return Base32::encodeUpperUnpadded(random_bytes(self::SECRET_BYTES));
    }

    /**
     * @param string $secret in base 32
     * @param int $step how many half minutes since 1970
     */
    public static function at(string $secret, int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), Base32::decodeUpper($secret), true);
        // The last half byte says where the four bytes begin; the sign's bit is left out (RFC 4226, section 5.3).
        $offset = ord($hash[strlen($hash) - 1]) & 0x0f;
        $number =
            (((ord($hash[$offset]) & 0x7f) << 24) |
                (ord($hash[$offset + 1]) << 16) |
                (ord($hash[$offset + 2]) << 8) |
                ord($hash[$offset + 3])) %
            10 ** self::DIGITS;

        return str_pad((string) $number, self::DIGITS, '0', STR_PAD_LEFT);
    }

    /**
     * Find the step whose code somebody typed.
     *
     * @param int $time now, seconds since 1970
     */
    public static function step(string $secret, string $code, int $time): ?int
    {
        $now = intdiv($time, self::STEP_SECONDS);
        foreach (range($now - self::SLACK_STEPS, $now + self::SLACK_STEPS) as $step) {
            if (hash_equals(self::at($secret, $step), $code)) {
                return $step;
            }
        }

        return null;
    }

    /** What an authenticator takes from a picture. @param string $account whose it is, as the authenticator lists it */
    public static function uri(string $secret, string $account): string
    {
        return 'otpauth://totp/' .
            rawurlencode(self::ISSUER) .
            ':' .
            rawurlencode($account) .
            '?' .
            http_build_query(['secret' => $secret, 'issuer' => self::ISSUER], '', '&', PHP_QUERY_RFC3986);
    }
}
