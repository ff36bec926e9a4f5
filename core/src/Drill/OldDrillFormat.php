<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/**
 * Drills as they were written before kit was counted and what is asked of a ball had the names of its fields.
 * What a session ran then, and files that were given out, are read for ever.
 */
final class OldDrillFormat
{
    private const ASKS = [
        'roll' => 'roll_m',
        'backstroke' => 'backstroke_m',
        'side' => 'side_m',
        'call' => 'call',
        'gate' => 'gate',
        'hit' => 'hit',
        'putts_to_finish' => 'putts_to_finish',
    ];

    /** By the words that were used for each; the first that fits is it. */
    private const PIECES = [
        'mirror' => '/\b(mirror|light)\b/',
        'string' => '/\bstring\b/',
        'chalk' => '/\bchalk\b/',
        'rule' => '/\brule\b/',
        'bucket' => '/\bbucket\b/',
        'mug' => '/\bmug\b/',
        'cup' => '/\bcup\b/',
        'disc' => '/\bdiscs?\b/',
        'rod' => '/\brods?\b/',
        'stake' => '/\bstakes?\b/',
        'tape' => '/\btape\b/',
        'tee' => '/\btees?\b/',
        'ball' => '/\bballs?\b/',
    ];

    /** A firm ball ran at most so many times "a little" past, where a drill did not say. */
    private const FIRM = 3.0;

    /**
     * @param array<string, mixed> $drill as decoded from its JSON, old or not
     *
     * @return array<string, mixed> as it is written now
     */
    public static function broughtUp(array $drill): array
    {
        if (!self::isOld($drill)) {
            return $drill;
        }
        if (isset($drill['logs']) && is_array($drill['logs'])) {
            $asks = array_values(
                array_filter(
                    array_map(
                        static fn(mixed $word): ?string => is_string($word) ? self::ASKS[$word] ?? null : null,
                        $drill['logs'],
                    ),
                ),
            );
            $drill += $asks === [] ? [] : ['asks' => $asks];
            unset($drill['logs']);
        }
        if (isset($drill['kit']) && is_array($drill['kit'])) {
            $drill['kit'] = array_map(
                static fn(mixed $item): mixed => is_string($item) ? self::piece($item) : $item,
                $drill['kit'],
            );
        }
        $pass = $drill['pass'] ?? null;
        if (
            is_array($pass) &&
            ($pass['kind'] ?? null) === 'task' &&
            is_numeric($pass['little_m'] ?? null) &&
            !isset($pass['firm_m'])
        ) {
            $drill['pass'] = $pass + ['firm_m' => self::FIRM * $pass['little_m']];
        }

        return $drill;
    }

    /**
     * Whether a drill is still as they were written then.
     *
     * @param array<string, mixed> $drill as decoded from its JSON
     */
    public static function isOld(array $drill): bool
    {
        $kit = is_array($drill['kit'] ?? null) ? $drill['kit'] : [];

        return isset($drill['logs']) || array_filter($kit, is_string(...)) !== [];
    }

    /** @return array<string, mixed> */
    private static function piece(string $words): array
    {
        $isCounted = preg_match('/^(\d{1,2}) (.+)$/', $words, $parts) === 1 && (int) $parts[1] > 0;
        $count = $isCounted ? ['count' => (int) $parts[1]] : ($words === 'balls' ? [] : ['count' => 1]);
        foreach (self::PIECES as $piece => $pattern) {
            if (preg_match($pattern, $words) === 1) {
                return ['piece' => $piece] +
                    $count +
                    (preg_match('/ for (.+)$/', $words, $for) === 1 ? ['for' => $for[1]] : []);
            }
        }

        return ['piece' => 'other', 'name' => mb_substr($isCounted ? $parts[2] : $words, 0, 60)] + $count;
    }
}
