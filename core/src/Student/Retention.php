<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/**
 * Until when records of a student may be kept, and what comes of it: from the day after they are asked about, and if no
 * later day is set they go for good some weeks on. Immutable.
 */
final readonly class Retention
{
    /** As long as what is put away can be brought back. */
    public const GRACE_DAYS = 30;

    private const MONTHS = [
        'January',
        'February',
        'March',
        'April',
        'May',
        'June',
        'July',
        'August',
        'September',
        'October',
        'November',
        'December',
    ];

    /**
     * @param string $until the last day on which they may be kept, "2027-11-26"
     * @param string $goneOn the day on which they are erased
     */
    private function __construct(public string $until, public string $goneOn) {}

    /** Null where no day is set: they may be kept. */
    public static function of(StudentProfile $about): ?self
    {
        if ($about->keepUntil === null) {
            return null;
        }
        [$year, $month, $day] = array_map(intval(...), explode('-', $about->keepUntil));
        for ($left = self::GRACE_DAYS; $left > 0; --$left) {
            if (checkdate($month, $day + 1, $year)) {
                ++$day;
            } else {
                [$year, $month, $day] = $month === 12 ? [$year + 1, 1, 1] : [$year, $month + 1, 1];
            }
        }

        return new self($about->keepUntil, sprintf('%04d-%02d-%02d', $year, $month, $day));
    }

    /** @param string $today "2026-11-26" */
    public function isPast(string $today): bool
    {
        return $this->until < $today;
    }

    /** Whether nothing of them may be left. @param string $today "2026-11-26" */
    public function isOver(string $today): bool
    {
        return $this->goneOn <= $today;
    }

    /** What is said while they are past their day. */
    public function words(): string
    {
        return sprintf(
            'The records may be kept until %s, which is past. On %s they are deleted permanently, unless you set a later date on the profile.',
            self::said($this->until),
            self::said($this->goneOn),
        );
    }

    /** "27 November 2026". */
    private static function said(string $day): string
    {
        [$year, $month, $date] = array_map(intval(...), explode('-', $day));

        return sprintf('%d %s %d', $date, self::MONTHS[$month - 1] ?? $month, $year);
    }
}
