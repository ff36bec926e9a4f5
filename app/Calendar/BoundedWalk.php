<?php

declare(strict_types=1);

namespace App\Calendar;

use Amble\Core\Exception\InvalidInput;
use Sabre\VObject\Recur\RRuleIterator;

/**
 * A walk along a rule of recurrence that ends: the library itself looks for the next day of "the 30th of February" up
 * to the year 9999, or for ever.
 */
final class BoundedWalk extends RRuleIterator
{
    /** Months looked through for one next time: a 29th of February is found within eight years. */
    private const MOST_MONTHS = 400;

    /** No walk, and so no series, has more times: twenty years of every day. */
    public const MOST_TIMES = 7_500;

    /** One walk takes at most this long, nanoseconds. */
    private const LONGEST_NS = 500_000_000;

    private int $months = 0;
    private int $times = 0;
    private readonly int $endsAtNs;

    /** @param array<string, string|list<string>> $rule as {@see Series} checked it, without COUNT and UNTIL */
    public function __construct(array $rule, \DateTimeImmutable $start)
    {
        parent::__construct($rule, $start);
        $this->endsAtNs = hrtime(true) + self::LONGEST_NS;
    }

    /** The time the walk has come to. */
    public function at(): \DateTimeImmutable
    {
        assert($this->currentDate instanceof \DateTimeImmutable);

        return $this->currentDate;
    }

    /** @throws InvalidInput If there is no next time, or it is not found within the limits. */
    public function next(): void
    {
        $this->months = 0;
        if (++$this->times > self::MOST_TIMES || hrtime(true) > $this->endsAtNs) {
            throw InvalidInput::at('rule', 'It has too many dates.');
        }
        parent::next();
        if ($this->currentDate === null) {
            throw self::noTime();
        }
    }

    /**
     * @return array<int|string>
     *
     * @throws InvalidInput
     */
    protected function getMonthlyOccurrences(): array
    {
        if (++$this->months > self::MOST_MONTHS) {
            throw self::noTime();
        }

        // The library looks through the first month whether the rule names it or not, and through every month by a
        // monthly rule.
        return $this->byMonth === null ||
            in_array((int) $this->at()->format('n'), array_map(intval(...), $this->byMonth), true)
            ? parent::getMonthlyOccurrences()
            : [];
    }

    private static function noTime(): InvalidInput
    {
        return InvalidInput::at('rule', 'Its rule has no time after the first.');
    }
}
