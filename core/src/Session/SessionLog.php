<?php

declare(strict_types=1);

namespace Amble\Core\Session;

use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\Event\SetupCounted;

/**
 * A session as its events have it: its balls, its card, and what was counted while setting out.
 *
 * The order in which events arrive, and how often, makes no difference. Time: O(n log n), where n
 * is the number of events.
 */
final readonly class SessionLog
{
    /**
     * @internal built by the fold
     *
     * @param list<LoggedBall> $putts in the order they were rolled
     * @param list<SetupCounted> $counts the latest of each thing in each run
     * @param list<SessionStation> $stations in the order they were first set
     * @param list<Condition> $conditions
     * @param list<DismissedInsight> $dismissedInsights
     * @param list<GroupMember> $groupMembers in the order they came; whoever the session was begun for may be missing
     * @param array<string, RunChanges> $runs what happened to each run besides its balls, by id
     * @param string|null $readingId of the reading chosen to stand; null for the session's own
     * @param list<CheckAttempt> $checks in the order they were made
     * @param list<ChecklistAnswer> $points the latest look at each point of a card
     * @param RollContext $during what stands now
     * @param int $latestMilliseconds when the last thing happened, undone or not; 0 where nothing did
     */
    public function __construct(
        public array $putts,
        public array $counts,
        public array $stations,
        public array $conditions,
        public array $dismissedInsights,
        public array $groupMembers = [],
        public array $runs = [],
        public ?string $readingId = null,
        public array $checks = [],
        public array $points = [],
        public RollContext $during = new RollContext(),
        public int $latestMilliseconds = 0,
    ) {}

    /** @param iterable<SessionEvent> $events of one id the first stands, as in the database */
    public static function fold(iterable $events): self
    {
        $byId = [];
        foreach ($events as $event) {
            $byId[$event->id] ??= $event;
        }
        uasort($byId, static fn(SessionEvent $a, SessionEvent $b): int => $a->compare($b));
        $fold = new SessionFold();
        foreach (self::standing($byId) as $event) {
            $event->apply($fold);
        }

        return $fold->log(
            $byId === [] ? 0 : max(array_map(static fn(SessionEvent $event): int => $event->atMilliseconds, $byId)),
        );
    }

    /** The card alone, as of a session that is put away. */
    public function withoutBalls(): self
    {
        return new self(
            [],
            $this->counts,
            $this->stations,
            $this->conditions,
            $this->dismissedInsights,
            $this->groupMembers,
            $this->runs,
            $this->readingId,
            during: $this->during,
            latestMilliseconds: $this->latestMilliseconds,
        );
    }

    /**
     * What one drill left lying is among what the next one counts out: a piece is counted once, whatever it was set out
     * for.
     *
     * @return array<string, positive-int> pieces that were counted out and not back, by name
     */
    public function equipmentInUse(): array
    {
        $out = [];
        foreach ($this->counts as $count) {
            $lying = $out[$count->name] ?? 0;
            $out[$count->name] = match ($count->item) {
                SetupItem::KitOut => max($lying, $count->count),
                SetupItem::KitBack => max(0, $lying - $count->count),
                SetupItem::Check => $lying,
            };
        }

        return array_filter($out, static fn(int $missing): bool => $missing > 0);
    }

    /** What belongs to one drill run. */
    public function ofRun(string $runId): self
    {
        return new self(
            array_values(
                array_filter($this->putts, static fn(LoggedBall $putt): bool => $putt->belonging->runId === $runId),
            ),
            array_values(array_filter($this->counts, static fn(SetupCounted $count): bool => $count->runId === $runId)),
            $this->stations,
            $this->conditions,
            $this->dismissedInsights,
            $this->groupMembers,
            array_intersect_key($this->runs, [$runId => true]),
            $this->readingId,
            during: $this->during,
        );
    }

    /**
     * Events not undone. An undo counts only if it is not itself undone; it comes after what it takes back whatever the
     * clocks of two devices say, for nobody can take back what they have not seen.
     *
     * @param array<string, SessionEvent> $byId in order
     *
     * @return list<SessionEvent> in order
     */
    private static function standing(array $byId): array
    {
        $undoneBy = [];
        foreach ($byId as $event) {
            if ($event->takesBack() !== null && isset($byId[$event->takesBack()])) {
                $undoneBy[$event->takesBack()][] = $event->id;
            }
        }
        $known = [];

        return array_values(
            array_filter($byId, static fn(SessionEvent $event): bool => self::stands($event->id, $undoneBy, $known)),
        );
    }

    /**
     * @param array<string, non-empty-list<string>> $undoneBy ids of undos by what they take back
     * @param array<string, bool> $known what was settled; a ring of undos, which no hand makes, stands
     */
    private static function stands(string $id, array $undoneBy, array &$known): bool
    {
        if (!isset($known[$id])) {
            $known[$id] = true;
            foreach ($undoneBy[$id] ?? [] as $undo) {
                if (self::stands($undo, $undoneBy, $known)) {
                    $known[$id] = false;
                    break;
                }
            }
        }

        return $known[$id];
    }
}
