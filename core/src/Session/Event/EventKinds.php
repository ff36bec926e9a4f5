<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

/** The kinds of event by type: a new one is a file beside this one and a line here. */
final class EventKinds
{
    /** @var list<class-string<SessionEvent>> */
    private const KINDS = [
        BallLogged::class,
        BallCorrected::class,
        BallRemarked::class,
        BallReassigned::class,
        SetupCounted::class,
        StationSet::class,
        StationRemoved::class,
        ConditionNoted::class,
        InsightDismissed::class,
        PresenceNoted::class,
        RunJoined::class,
        RunEnded::class,
        MeasurementChosen::class,
        CheckAttempted::class,
        ChecklistAnswered::class,
        PartBegun::class,
        DisturbanceNoted::class,
        EventUndone::class,
    ];

    /** @var non-empty-array<string, class-string<SessionEvent>>|null */
    private static ?array $byType = null;

    /** @return non-empty-array<string, class-string<SessionEvent>> by type */
    public static function all(): array
    {
        return self::$byType ??= array_combine(
            array_map(static fn(string $class): string => $class::type(), self::KINDS),
            self::KINDS,
        );
    }
}
