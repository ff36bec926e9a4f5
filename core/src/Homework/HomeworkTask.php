<?php

declare(strict_types=1);

namespace Amble\Core\Homework;

use Amble\Core\Report\FigureText;

/** What a student is to do at home, and how far it was done. Immutable. */
final readonly class HomeworkTask
{
    private const DAY_MS = 86_400_000;

    /** So many days are looked back on: what is asked is asked of a week. */
    private const WEEK = 7;

    /**
     * @param string $text as the coach put it
     * @param int|null $balls a day
     * @param int|null $target so many of them as they should go; of nothing without a count of balls
     * @param int|null $days a week
     * @param string|null $cue one, and no more
     */
    public function __construct(
        public string $text,
        public ?int $balls = null,
        public ?int $target = null,
        public ?int $days = null,
        public ?string $cue = null,
    ) {}

    /**
     * Whether what was done reaches the target: as many as were asked for, and in no worse a share. Null without a
     * target.
     * More balls than the dose do not make up for what went wrong.
     */
    public function isReachedBy(HomeworkEntry $done): ?bool
    {
        if ($this->target === null || $this->balls === null || $done->balls === null || $done->passes === null) {
            return null;
        }

        return $done->passes >= $this->target && $done->passes * $this->balls >= $this->target * $done->balls;
    }

    /** The task in a line, as it was given. */
    public function line(): string
    {
        return implode(
            '; ',
            array_filter([
                rtrim($this->text, '.'),
                $this->target === null || $this->balls === null ? null : "aim for $this->target of $this->balls",
                $this->days === null ? null : sprintf('%s a week', FigureText::counted($this->days, 'day', 'days')),
                $this->cue === null ? null : 'cue: ' . rtrim($this->cue, '.'),
            ]),
        ) . '.';
    }

    /**
     * What was done of it in the last seven days; null where nothing was.
     *
     * @param list<HomeworkEntry> $entries oldest first
     * @param int $now Unix milliseconds
     */
    public function lately(array $entries, int $now): ?string
    {
        $done = array_values(
            array_filter(
                $entries,
                static fn(HomeworkEntry $entry): bool => $entry->kind === HomeworkEntryKind::Done &&
                    $entry->atMilliseconds > $now - self::WEEK * self::DAY_MS,
            ),
        );
        if ($done === []) {
            return null;
        }
        $days = count(
            array_unique(
                array_map(static fn(HomeworkEntry $entry): int => intdiv($entry->atMilliseconds, self::DAY_MS), $done),
            ),
        );
        $reached = count(array_filter($done, fn(HomeworkEntry $entry): bool => $this->isReachedBy($entry) === true));

        return implode(
            ', ',
            array_filter([
                sprintf(
                    'In the last 7 days on %s',
                    $this->days === null
                        ? FigureText::counted($days, 'day', 'days')
                        : sprintf('%d of %s', $days, FigureText::counted($this->days, 'day', 'days')),
                ),
                $this->target === null || $this->balls === null
                    ? null
                    : sprintf(
                        '%d of %d reached %s',
                        $this->target,
                        $this->balls,
                        $reached === 0 ? 'never' : FigureText::counted($reached, 'time', 'times'),
                    ),
            ]),
        ) . '.';
    }
}
