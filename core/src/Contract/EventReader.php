<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Belonging;
use Amble\Core\Session\Cause;
use Amble\Core\Session\EventUndone;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Mark;
use Amble\Core\Session\PuttCorrected;
use Amble\Core\Session\PuttLogged;
use Amble\Core\Session\PuttRemarked;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\SessionEvent;
use Amble\Core\Session\SetOutCounted;
use Amble\Core\Session\SetOutItem;
use Amble\Core\Session\Sight;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Reads one event of a session's log, as the API takes it and keeps it. Lengths in metres. */
final class EventReader
{
    /** @throws InvalidInput If a field is missing or unusable. */
    public static function read(JsonInput $event): SessionEvent
    {
        $id = $event->text('id', 40);
        $at = $event->wholeNumber('at_ms', 0, 9_999_999_999_999);

        return match (EventType::from($event->word('type', array_column(EventType::cases(), 'value')))) {
            EventType::PuttLogged => new PuttLogged($id, $at, self::ball($event), self::belonging($event)),
            EventType::PuttCorrected => new PuttCorrected($id, $at, $event->text('putt_id', 40), self::ball($event)),
            EventType::PuttRemarked => new PuttRemarked($id, $at, $event->text('putt_id', 40), self::remarks($event)),
            EventType::SetOutCounted => new SetOutCounted(
                $id,
                $at,
                $event->text('run_id', 40),
                SetOutItem::from($event->word('item', array_column(SetOutItem::cases(), 'value'))),
                $event->text('name', 300),
                max(0, $event->wholeNumber('count', 0, 500)),
            ),
            EventType::Undone => new EventUndone($id, $at, $event->text('event_id', 40)),
        };
    }

    private static function ball(JsonInput $event): Ball
    {
        $length = static fn(string $field): ?Length => $event->has($field)
            ? Length::ofMetres($event->number($field), $event->path($field))
            : null;

        return Ball::seen(
            $length('backstroke_m'),
            $length('roll_m'),
            Stop::from($event->has('stop') ? $event->word('stop', array_column(Stop::cases(), 'value')) : 'free'),
            $length('target_m'),
            Grade::ofPercent($event->numberOr('grade_percent', 0.0), $event->path('grade_percent')),
            self::remarks($event),
            $event->path('roll_m'),
            self::sight($event),
        );
    }

    private static function belonging(JsonInput $event): Belonging
    {
        $text = static fn(string $field): ?string => $event->has($field) ? $event->text($field, 80) : null;

        return new Belonging($text('run_id'), $text('student'));
    }

    private static function remarks(JsonInput $event): Remarks
    {
        $mark = $event->has('mark') ? $event->word('mark', array_column(Mark::cases(), 'value')) : '';
        $cause = $event->has('cause') ? $event->word('cause', array_column(Cause::cases(), 'value')) : '';

        return new Remarks(
            Mark::tryFrom($mark),
            Cause::tryFrom($cause),
            $event->has('held') ? $event->flagOr('held', false) : null,
            $event->has('rehearsals') ? min(20, max(0, $event->wholeNumber('rehearsals', 0, 20))) : null,
            $event->has('putts_to_finish') ? min(20, max(1, $event->wholeNumber('putts_to_finish', 1, 20))) : null,
        );
    }

    private static function sight(JsonInput $event): Sight
    {
        $gate = $event->has('gate') ? $event->word('gate', array_column(GateResult::cases(), 'value')) : '';
        $call = $event->has('call') ? $event->word('call', array_column(LengthCall::cases(), 'value')) : '';

        return Sight::of(
            $event->numberOrNull('side_m'),
            GateResult::tryFrom($gate),
            LengthCall::tryFrom($call),
            $event->has('hit') ? $event->flagOr('hit', false) : null,
            $event->path(''),
        );
    }
}
