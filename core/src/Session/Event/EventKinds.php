<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

/** The kinds of event by type: a new one is a file beside this one and a line here. */
final class EventKinds
{
    /** @var list<class-string<SessionEvent>> */
    private const KINDS = [
        PuttLogged::class,
        PuttCorrected::class,
        PuttRemarked::class,
        PuttGiven::class,
        SetOutCounted::class,
        StationSet::class,
        StationRemoved::class,
        ConditionNoted::class,
        NoteSetAside::class,
        CompanyNoted::class,
        RunJoined::class,
        RunEnded::class,
        ReadingChosen::class,
        CheckTried::class,
        CardPointSeen::class,
        PartBegun::class,
        DisturbanceNoted::class,
        EventUndone::class,
    ];

    /** @return non-empty-array<string, class-string<SessionEvent>> by type */
    public static function all(): array
    {
        $kinds = [];
        foreach (self::KINDS as $class) {
            $kinds[$class::type()] = $class;
        }
        return $kinds;
    }
}
