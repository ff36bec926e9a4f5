<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/**
 * The balls of a session, folded from its events.
 *
 * The order in which events arrive, and how often, makes no difference. Time: O(n log n), where n
 * is the number of events.
 */
final readonly class SessionLog
{
    /** @param list<LoggedPutt> $putts in the order they were rolled */
    private function __construct(public array $putts)
    {
    }

    /** @param list<SessionEvent> $events */
    public static function fold(array $events): self
    {
        $byId = [];
        foreach ($events as $event) {
            $byId[$event->id] = $event;
        }
        uasort($byId, static fn(SessionEvent $a, SessionEvent $b): int => $a->compare($b));
        $standing = self::standing($byId);
        $balls = $corrections = [];
        foreach ($standing as $event) {
            if ($event instanceof PuttCorrected) {
                $balls[$event->puttId] = $event->ball;
                $corrections[$event->puttId] = ($corrections[$event->puttId] ?? 0) + 1;
            }
        }
        $putts = [];
        foreach ($standing as $event) {
            if ($event instanceof PuttLogged) {
                $putts[] = new LoggedPutt(
                    $event->id,
                    $event->atMilliseconds,
                    $balls[$event->id] ?? $event->ball,
                    $corrections[$event->id] ?? 0,
                );
            }
        }

        return new self($putts);
    }

    /**
     * Events not undone. An undo counts only if it is not itself undone; it can only take back what
     * happened before it, so walking from the last event to the first settles each in one look.
     *
     * @param array<string, SessionEvent> $byId in order
     *
     * @return list<SessionEvent> in order
     */
    private static function standing(array $byId): array
    {
        $undone = [];
        foreach (array_reverse($byId) as $event) {
            $target = $event instanceof EventUndone ? $byId[$event->eventId] ?? null : null;
            if ($target !== null && !isset($undone[$event->id]) && $target->compare($event) < 0) {
                $undone[$target->id] = true;
            }
        }

        return array_values(array_filter(
            $byId,
            static fn(SessionEvent $event): bool => !isset($undone[$event->id]),
        ));
    }
}
