<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

/** What a stretch of a session is for, in the order in which they usually follow each other. */
enum BlockKind: string
{
    case Measure = 'measure';
    case Baseline = 'baseline';
    case Check = 'check';
    case Line = 'line';
    case Pace = 'pace';
    case Mixed = 'mixed';
    case Read = 'read';
    case Pressure = 'pressure';
    case Retest = 'retest';
    case Close = 'close';

    public function label(): string
    {
        return match ($this) {
            self::Measure => 'Measure the green',
            self::Baseline => 'Baseline test: watch, say nothing',
            self::Check => 'Check the aim',
            self::Line => 'Start line',
            self::Pace => 'Distance, blocked',
            self::Mixed => 'Distance, mixed',
            self::Read => 'Green reading',
            self::Pressure => 'Pressure',
            self::Retest => 'Re-test',
            self::Close => 'Finish with short putts',
        };
    }

    /** Whether it is a drill; the others are done on screens of their own. */
    public function isDrill(): bool
    {
        return !in_array($this, [self::Measure, self::Check, self::Baseline, self::Retest], true);
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** How much is lost without it, where time runs short; the more, the longer it stays. */
    public function worth(): int
    {
        return match ($this) {
            self::Measure => 9,
            self::Close => 8,
            self::Line, self::Pace => 7,
            self::Read => 6,
            self::Mixed => 5,
            self::Check => 4,
            self::Baseline => 3,
            self::Retest => 2,
            self::Pressure => 1,
        };
    }

    /** Most balls of one such block: a dose is part of the method, and backs and turf tire. */
    public function dose(): int
    {
        return match ($this) {
            self::Measure, self::Check => 8,
            self::Baseline, self::Retest => 9,
            self::Line => 30,
            self::Close => 12,
            default => 36,
        };
    }
}
