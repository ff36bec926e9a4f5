<?php

declare(strict_types=1);

namespace App\Calendar;

use Amble\Core\Exception\InvalidInput;
use Carbon\CarbonImmutable;
use Sabre\VObject\DateTimeParser;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\Property\ICalendar\Recur;

/**
 * The times of one booking, once or by a rule of recurrence (RFC 5545), in wall-clock time. Every walk along a rule has
 * a limit of steps and of time; the part of a rule long before the days that are asked for is jumped over. Immutable.
 */
final readonly class Series
{
    private const LONGEST_INTERVAL = 1_000;

    private const IN_MONTH = ['BYMONTH', 'BYDAY', 'BYMONTHDAY', 'BYSETPOS'];

    /**
     * What the library follows as the standard means it; other parts it passes over, or never comes to an end with.
     * A day of the week with a number in front ("2TU") has a meaning within a month only.
     */
    private const PARTS = [
        'DAILY' => ['BYDAY', 'BYMONTH'],
        'WEEKLY' => ['BYDAY'],
        'MONTHLY' => self::IN_MONTH,
        'YEARLY' => self::IN_MONTH,
    ];
    private const ALWAYS = ['FREQ', 'INTERVAL', 'COUNT', 'UNTIL', 'WKST'];

    /** Days in a period of each frequency that has always the same number of them. */
    private const DAYS = ['DAILY' => 1, 'WEEKLY' => 7];

    /**
     * @param \DateTimeImmutable $start on the wall clock, held as if it were UTC: a change of the clocks moves no later
     *     time
     * @param array<string, string|list<string>> $rule its parts without COUNT and UNTIL; empty for a single time
     * @param string|null $lastAt the last time, or a time after the last; null for a series without end
     */
    private function __construct(
        private \DateTimeImmutable $start,
        private string $zone,
        private array $rule,
        private ?string $lastAt,
    ) {}

    /**
     * Check a rule by walking it.
     *
     * @param string $starts wall clock, "2026-12-03 10:00"
     *
     * @return string|null when the last of it may begin, likewise; null for a series without end
     *
     * @throws InvalidInput If the rule cannot be followed, or has no time after its first.
     */
    public static function lastAt(string $starts, string $zone, ?string $rule): ?string
    {
        if ($rule === null) {
            return $starts;
        }
        $parts = self::parts($rule);
        $walk = self::walk($parts, self::wall($starts));
        $walk->next();
        if (isset($parts['UNTIL'])) {
            return max(self::until(self::single($parts['UNTIL']), new \DateTimeZone($zone)), $starts);
        }
        if (!isset($parts['COUNT'])) {
            return null;
        }
        $count = (int) self::single($parts['COUNT']);
        if ($count > BoundedWalk::MOST_TIMES) {
            throw self::refusal(sprintf('It repeats more than %d times.', BoundedWalk::MOST_TIMES));
        }
        $walk->rewind();
        for ($time = 1; $time < $count; ++$time) {
            $walk->next();
        }

        return $walk->at()->format('Y-m-d H:i');
    }

    /**
     * @param string|null $lastAt as {@see Series::lastAt()} gave it
     *
     * @throws InvalidInput If the rule cannot be followed.
     */
    public static function of(string $starts, string $zone, ?string $rule, ?string $lastAt): self
    {
        return new self(
            self::wall($starts),
            $zone,
            $rule === null ? [] : array_diff_key(self::parts($rule), ['COUNT' => 0, 'UNTIL' => 0]),
            $lastAt,
        );
    }

    /**
     * The times that have not ended at the first moment and begin before the second.
     *
     * @param list<string> $skipped wall clock, times that are left out
     *
     * @return list<\DateTimeImmutable> in the zone of the series, in order
     *
     * @throws InvalidInput If walking the rule takes too many steps or too long.
     */
    public function between(CarbonImmutable $from, CarbonImmutable $to, int $minutes, array $skipped): array
    {
        // A day more on either side covers a change of the clocks; each time is then held against the exact moments.
        [$fromSecond, $toSecond] = [$from->getTimestamp(), $to->getTimestamp()];
        $zone = new \DateTimeZone($this->zone);
        $wallAt = static fn(int $second): string => (new \DateTimeImmutable("@$second"))
            ->setTimezone($zone)
            ->format('Y-m-d H:i');
        $first = self::wall($wallAt($fromSecond - 86_400 - 60 * $minutes));
        $end = $wallAt($toSecond + 86_400);
        $times = [];
        foreach ($this->walls($first) as $at) {
            $wall = $at->format('Y-m-d H:i');
            if ($wall > $end || ($this->lastAt !== null && $wall > $this->lastAt)) {
                break;
            }
            $time = new \DateTimeImmutable($wall, $zone);
            $second = $time->getTimestamp();
            if ($second < $toSecond && $second + 60 * $minutes > $fromSecond && !in_array($wall, $skipped, true)) {
                $times[] = $time;
            }
        }

        return $times;
    }

    /** @return iterable<\DateTimeImmutable> in order, from some time at or before the one given */
    private function walls(\DateTimeImmutable $first): iterable
    {
        if ($this->rule === []) {
            yield $this->start;

            return;
        }
        $start = $this->jumpTo($first);
        $walk = self::walk($this->rule, $start);
        // Where the walk was begun anew, the day it began on need not be one of the rule.
        $start > $this->start ? $walk->next() : null;
        for (; ; $walk->next()) {
            yield $walk->at();
        }
    }

    /**
     * The start, moved on by whole periods of the rule to at least one period before a time; itself where that would
     * change the rule.
     */
    private function jumpTo(\DateTimeImmutable $first): \DateTimeImmutable
    {
        $frequency = self::single($this->rule['FREQ']);
        $interval = (int) self::single($this->rule['INTERVAL'] ?? '1');
        if (isset(self::DAYS[$frequency])) {
            $period = $interval * self::DAYS[$frequency];
            $periods = intdiv($first->getTimestamp() - $this->start->getTimestamp(), 86_400 * $period) - 1;

            return $periods > 0 ? $this->start->modify(sprintf('+%d days', $periods * $period)) : $this->start;
        }
        // Where the rule says the days itself, only the month counts; else a 30th is not in every month.
        $start =
            isset($this->rule['BYDAY']) || isset($this->rule['BYMONTHDAY'])
                ? $this->start->modify('first day of this month')
                : $this->start;
        $months = $interval * ($frequency === 'YEARLY' ? 12 : 1);
        $apart =
            12 * ((int) $first->format('Y') - (int) $start->format('Y')) +
            (int) $first->format('n') -
            (int) $start->format('n');
        $periods = intdiv($apart, $months) - 1;

        return $periods > 0 && (int) $start->format('j') <= 28
            ? $start->modify(sprintf('+%d months', $periods * $months))
            : $this->start;
    }

    /** @param array<string, string|list<string>> $parts */
    private static function walk(array $parts, \DateTimeImmutable $start): BoundedWalk
    {
        try {
            return new BoundedWalk(array_diff_key($parts, ['COUNT' => 0, 'UNTIL' => 0]), $start);
        } catch (InvalidDataException | \ValueError | \TypeError) {
            throw self::refusal('Its rule of repeating cannot be read.');
        }
    }

    /**
     * @return array<string, string|list<string>>
     *
     * @throws InvalidInput If it is no rule, or one that would not be followed as it is meant.
     */
    private static function parts(string $rule): array
    {
        try {
            $parts = Recur::stringToArray($rule);
            isset($parts['UNTIL']) && self::until(self::single($parts['UNTIL']), new \DateTimeZone('UTC'));
        } catch (InvalidDataException | \ValueError | \TypeError) {
            throw self::refusal('Its rule of repeating cannot be read.');
        }
        $frequency = self::single($parts['FREQ'] ?? '');
        if (!isset(self::PARTS[$frequency])) {
            throw self::refusal('It repeats by no rule of days, weeks, months or years.');
        }
        foreach (['INTERVAL' => self::LONGEST_INTERVAL, 'COUNT' => PHP_INT_MAX] as $part => $most) {
            if (
                filter_var($parts[$part] ?? '1', FILTER_VALIDATE_INT, [
                    'options' => ['min_range' => 1, 'max_range' => $most],
                ]) === false
            ) {
                throw self::refusal(sprintf('%s in its rule is no number that can be followed.', $part));
            }
        }
        $strange = array_diff(array_keys($parts), self::ALWAYS, self::PARTS[$frequency]);
        if ($strange !== [] || !self::isFollowed($frequency, $parts)) {
            throw self::refusal(
                sprintf(
                    'It repeats by a rule that Amble does not follow (%s); book those times one by one.',
                    mb_substr($rule, 0, 80),
                ),
            );
        }

        return $parts;
    }

    /** @return string wall clock; of a whole day its end, as the last time is on it */
    private static function until(string $until, \DateTimeZone $zone): string
    {
        return strlen($until) === 8
            ? DateTimeParser::parseDate($until, $zone)->format('Y-m-d 23:59')
            : DateTimeParser::parseDateTime($until, $zone)->setTimezone($zone)->format('Y-m-d H:i');
    }

    /**
     * Whether the library gives these parts the meaning they have in the standard.
     *
     * @param array<string, string|list<string>> $parts
     */
    private static function isFollowed(string $frequency, array $parts): bool
    {
        $hasDays = isset($parts['BYDAY']) || isset($parts['BYMONTHDAY']);
        $isNumbered = preg_match('/\d/', implode(',', (array) ($parts['BYDAY'] ?? []))) === 1;

        return match ($frequency) {
            'DAILY' => !$isNumbered &&
                (!isset($parts['BYDAY']) || self::single($parts['INTERVAL'] ?? '1') === '1') &&
                (isset($parts['BYDAY']) || !isset($parts['BYMONTH'])),
            'WEEKLY' => !$isNumbered,
            'MONTHLY' => $hasDays || (!isset($parts['BYSETPOS']) && !isset($parts['BYMONTH'])),
            default => ($hasDays || !isset($parts['BYSETPOS'])) &&
                (isset($parts['BYMONTH']) || !$hasDays) &&
                (!isset($parts['BYSETPOS']) || count((array) $parts['BYMONTH']) === 1),
        };
    }

    /** @param string|list<string> $value */
    private static function single(string|array $value): string
    {
        return is_array($value) ? implode(',', $value) : $value;
    }

    private static function wall(string $wall): \DateTimeImmutable
    {
        return new \DateTimeImmutable($wall, new \DateTimeZone('UTC'));
    }

    private static function refusal(string $reason): InvalidInput
    {
        return InvalidInput::at('rule', $reason);
    }
}
