<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/**
 * The balls of a session, and what was counted while setting out, folded from its events.
 *
 * The order in which events arrive, and how often, makes no difference. Time: O(n log n), where n
 * is the number of events.
 */
final readonly class SessionLog
{
    /**
     * @param list<LoggedPutt> $putts in the order they were rolled
     * @param list<SetOutCounted> $counts the latest of each thing in each run
     */
    private function __construct(public array $putts, public array $counts)
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
        $logged = $balls = $corrections = $remarks = $counts = [];
        foreach (self::standing($byId) as $event) {
            if ($event instanceof PuttLogged) {
                $logged[] = $event;
            } elseif ($event instanceof PuttCorrected) {
                $balls[$event->puttId] = $event->ball;
                $corrections[$event->puttId] = ($corrections[$event->puttId] ?? 0) + 1;
                // A correction says the whole ball anew, remarks and all.
                unset($remarks[$event->puttId]);
            } elseif ($event instanceof PuttRemarked) {
                $remarks[$event->puttId] = $event->remarks;
            } elseif ($event instanceof SetOutCounted) {
                $counts["$event->runId {$event->item->value} $event->name"] = $event;
            }
        }
        $putts = [];
        foreach ($logged as $event) {
            $ball = $balls[$event->id] ?? $event->ball;
            $putts[] = new LoggedPutt(
                $event->id,
                $event->atMilliseconds,
                isset($remarks[$event->id]) ? $ball->remarked($remarks[$event->id]) : $ball,
                $corrections[$event->id] ?? 0,
                $event->belonging,
            );
        }

        return new self($putts, array_values($counts));
    }

    /** What belongs to one drill run. */
    public function ofRun(string $runId): self
    {
        return new self(
            array_values(array_filter($this->putts, static fn(LoggedPutt $putt): bool => $putt->belonging->runId === $runId)),
            array_values(array_filter($this->counts, static fn(SetOutCounted $count): bool => $count->runId === $runId)),
        );
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
