<?php

declare(strict_types=1);

namespace Amble\Core\Homework;

use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/** What was done at home, told apart from all that a coach saw: the student counted it. Immutable. */
final readonly class HomeworkReport
{
    /** @param Finding|null $finding of the balls that went as they should; null where none were counted */
    private function __construct(public int $times, public ?Finding $finding, public ?string $question) {}

    /** @param list<HomeworkEntry> $entries oldest first */
    public static function of(array $entries): self
    {
        $done = array_values(
            array_filter($entries, static fn(HomeworkEntry $entry): bool => $entry->kind === HomeworkEntryKind::Done),
        );
        $balls = (int) array_sum(array_column($done, 'balls'));
        $passes = (int) array_sum(array_column($done, 'passes'));
        $interval = $balls === 0 ? null : Interval::wilson($passes, $balls, Shares::LEVEL);

        return new self(
            count($done),
            $interval === null
                ? null
                : new Finding(
                    'What was done at home?',
                    sprintf(
                        '%s at home, counted by the student: %d of %d successful, %s.',
                        FigureText::counted(count($done), 'time', 'times'),
                        $passes,
                        $balls,
                        FigureText::likelyShare($interval, $balls),
                    ),
                    FindingUnit::Share,
                    $passes / $balls,
                    $interval,
                    $balls,
                ),
            self::open($entries),
        );
    }

    /**
     * The last question that nothing answers yet.
     *
     * @param list<HomeworkEntry> $entries
     */
    private static function open(array $entries): ?string
    {
        $open = null;
        foreach ($entries as $entry) {
            $open = match ($entry->kind) {
                HomeworkEntryKind::Question => $entry->text,
                HomeworkEntryKind::Answer => null,
                HomeworkEntryKind::Done => $open,
            };
        }

        return $open;
    }
}
