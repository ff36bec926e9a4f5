<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/**
 * Two doors for a line of a session's log. What comes in is refused in words, at its field; what is stored
 * is always read: an earlier version is brought up, and what this version does not know is kept by the log
 * and folds to nothing.
 */
final class EventReader
{
    /**
     * Read an event that comes in from a coach's device.
     *
     * @throws InvalidInput If it cannot be read, or says what no coach can have seen.
     */
    public static function arriving(JsonInput $event): SessionEvent
    {
        // First what a coach can have seen: its sentences say more than those of what the log can hold.
        ArrivalLimits::check(self::classOf($event), $event);

        return self::read($event);
    }

    /** @throws InvalidInput If its kind or version is not known here, or a field is missing or unusable. */
    public static function read(JsonInput $event): SessionEvent
    {
        $class = self::classOf($event);

        return self::of($class, $event, $event->wholeNumberOr('version', 1, $class::version(), 1));
    }

    /** @return class-string<SessionEvent> */
    private static function classOf(JsonInput $event): string
    {
        $kinds = EventKinds::all();

        return $kinds[$event->word('type', array_keys($kinds))];
    }

    /** Read an event of the log; null for one that nothing here can be made of. */
    public static function stored(JsonInput $event): ?SessionEvent
    {
        try {
            $class = EventKinds::all()[$event->text('type', 80)] ?? null;
            $version = $event->wholeNumberOr('version', 1, PHP_INT_MAX, 1);

            return $class === null || $version > $class::version() ? null : self::of($class, $event, $version);
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @param class-string<SessionEvent> $class */
    private static function of(string $class, JsonInput $event, int $version): SessionEvent
    {
        return $class::read(
            $event,
            $event->text('id', 40),
            $event->wholeNumber('at_ms', 0, 9_999_999_999_999),
            $version,
        );
    }
}
