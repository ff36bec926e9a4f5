<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Session\Ball;
use Amble\Core\Session\EventUndone;
use Amble\Core\Session\Mark;
use Amble\Core\Session\PuttCorrected;
use Amble\Core\Session\PuttLogged;
use Amble\Core\Session\SessionEvent;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Turns validated event fields into the core's events; the log keeps the fields as they came. */
final class EventCodec
{
    /**
     * @param array<string, mixed> $fields of one event, already validated
     * @param string $path where they stand in the request, for errors
     */
    public static function decode(string $id, EventType $type, int $atMilliseconds, array $fields, string $path = ''): SessionEvent
    {
        $text = static fn(string $field): string => is_string($fields[$field] ?? null) ? $fields[$field] : '';

        return match ($type) {
            EventType::PuttLogged => new PuttLogged($id, $atMilliseconds, self::ball($fields, $path)),
            EventType::PuttCorrected => new PuttCorrected($id, $atMilliseconds, $text('putt_id'), self::ball($fields, $path)),
            EventType::Undone => new EventUndone($id, $atMilliseconds, $text('event_id')),
        };
    }

    /** @param array<string, mixed> $fields */
    private static function ball(array $fields, string $path): Ball
    {
        $length = static fn(string $field): ?Length => is_numeric($fields[$field] ?? null)
            ? Length::ofMetres((float) $fields[$field], $path . $field)
            : null;
        $word = static fn(string $field): string => is_string($fields[$field] ?? null) ? $fields[$field] : '';

        return Ball::seen(
            $length('backstroke_m'),
            $length('roll_m'),
            Stop::tryFrom($word('stop')) ?? Stop::Free,
            $length('target_m'),
            Grade::ofPercent(is_numeric($fields['grade_percent'] ?? null) ? (float) $fields['grade_percent'] : 0.0),
            Mark::tryFrom($word('mark')),
            $path . 'roll_m',
        );
    }
}
