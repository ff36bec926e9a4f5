<?php

declare(strict_types=1);

namespace App\Calendar;

use Amble\Core\Exception\InvalidInput;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\DateTimeParser;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime as TimeProperty;

/** One event of a calendar from elsewhere, as a booking has it. Immutable. */
final readonly class CalendarEvent
{
    private const LONGEST_MINUTES = 1_440;
    private const LONGEST_RULE = 200;

    /**
     * @param string $series as the calendar names it
     * @param list<string> $skipped as the clock on the wall says it
     * @param \DateTimeImmutable|null $standsFor which time of its series; null for an event of its own
     * @param bool $isOff whether it was called off
     */
    private function __construct(
        public string $series,
        public string $summary,
        public ?string $place,
        public string $starts,
        public string $zone,
        public int $minutes,
        public ?string $rule,
        public array $skipped,
        public ?string $note,
        public ?\DateTimeImmutable $standsFor,
        public bool $isOff,
    ) {}

    /**
     * @throws InvalidInput If it is no session: of a whole day, without an end, or one that changes all that comes
     *     after it.
     */
    public static function read(VEvent $event, string $zone): self
    {
        $start = self::property($event, 'DTSTART');
        $uid = trim((string) self::property($event, 'UID'));
        if (!($start instanceof TimeProperty) || $uid === '' || mb_strlen($uid) > 200) {
            throw InvalidInput::at('event', 'It has no start, or no name of its own (UID).');
        }
        if (!$start->hasTime()) {
            throw InvalidInput::at('event', 'It lasts whole days, so it is not a lesson.');
        }
        $standsFor = self::standsFor($event, $zone);
        // A floating time is the coach's own wall clock.
        $at = CarbonImmutable::instance($start->getDateTime(new \DateTimeZone($zone)));
        $own = self::zoneOf($at, $zone);
        $minutes = self::minutes($event, $start, $zone);
        if ($minutes < 1 || $minutes > self::LONGEST_MINUTES) {
            throw InvalidInput::at('event', 'It lasts less than a minute, or more than a day.');
        }
        // One time of a series repeats nothing itself.
        $rule = isset($event->RRULE) && $standsFor === null ? (string) $event->RRULE : null;
        if ($rule !== null) {
            // Cut short it would be another rule.
            if (mb_strlen($rule) > self::LONGEST_RULE) {
                throw InvalidInput::at('event', 'Its rule of repeating is too long.');
            }
            Series::lastAt($at->setTimezone($own)->format('Y-m-d H:i'), $own, $rule);
        }

        return new self(
            series: $uid,
            summary: mb_substr(trim((string) ($event->SUMMARY ?? 'A session')), 0, 120),
            place: isset($event->LOCATION) ? mb_substr(trim((string) $event->LOCATION), 0, 120) : null,
            starts: $at->setTimezone($own)->format('Y-m-d H:i'),
            zone: $own,
            minutes: $minutes,
            rule: $rule,
            skipped: self::skipped($event, $own),
            note: isset($event->DESCRIPTION) ? mb_substr(trim((string) $event->DESCRIPTION), 0, 500) : null,
            standsFor: $standsFor,
            isOff: strtoupper(trim((string) ($event->STATUS ?? ''))) === 'CANCELLED',
        );
    }

    /**
     * The series without the times that stand in the calendar on their own, or were called off.
     *
     * @param list<\DateTimeImmutable> $times
     */
    public function without(array $times): self
    {
        $walls = array_map(
            fn(\DateTimeImmutable $time): string => CarbonImmutable::instance($time)
                ->setTimezone($this->zone)
                ->format('Y-m-d H:i'),
            $times,
        );

        // In one order, whatever order they stood in: the same again is no change.
        $skipped = array_values(array_unique([...$this->skipped, ...$walls]));
        sort($skipped);

        return new self(...array_replace(get_object_vars($this), ['skipped' => $skipped]));
    }

    /** A name of its own, one time of a series too, the same at every import. */
    public function uid(): string
    {
        return $this->standsFor === null
            ? $this->series
            : $this->series . '#' . $this->standsFor->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z');
    }

    /** @throws InvalidInput If it changes everything that comes after it as well. */
    private static function standsFor(VEvent $event, string $zone): ?\DateTimeImmutable
    {
        $of = self::property($event, 'RECURRENCE-ID');
        if ($of === null) {
            return null;
        }
        if (!($of instanceof TimeProperty) || !$of->hasTime() || isset($of['RANGE'])) {
            throw InvalidInput::at(
                'event',
                'It changes a repeated event from one day on; end the one here, and book the rest again.',
            );
        }

        return $of->getDateTime(new \DateTimeZone($zone));
    }

    private static function property(VEvent $event, string $name): ?Property
    {
        $first = $event->select($name)[0] ?? null;

        return $first instanceof Property ? $first : null;
    }

    private static function minutes(VEvent $event, TimeProperty $start, string $zone): int
    {
        $from = $start->getDateTime(new \DateTimeZone($zone));
        $end = self::property($event, 'DTEND');
        if ($end instanceof TimeProperty) {
            return intdiv($end->getDateTime(new \DateTimeZone($zone))->getTimestamp() - $from->getTimestamp(), 60);
        }
        if (!isset($event->DURATION)) {
            throw InvalidInput::at('event', 'It has no end.');
        }

        $duration = DateTimeParser::parseDuration((string) $event->DURATION);

        return $duration instanceof \DateInterval
            ? intdiv($from->add($duration)->getTimestamp() - $from->getTimestamp(), 60)
            : 0;
    }

    /** A named zone stays; a bare offset becomes the coach's zone, where the same moment has another wall clock. */
    private static function zoneOf(CarbonImmutable $at, string $zone): string
    {
        $name = $at->getTimezone()->getName();

        return in_array($name, \DateTimeZone::listIdentifiers(), true) && $name !== 'UTC' ? $name : $zone;
    }

    /** @return list<string> */
    private static function skipped(VEvent $event, string $zone): array
    {
        $skipped = [];
        foreach ($event->select('EXDATE') as $property) {
            if ($property instanceof TimeProperty) {
                foreach ($property->getDateTimes(new \DateTimeZone($zone)) as $time) {
                    $skipped[] = CarbonImmutable::instance($time)->setTimezone($zone)->format('Y-m-d H:i');
                }
            }
        }

        return $skipped;
    }
}
