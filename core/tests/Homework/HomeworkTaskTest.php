<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Homework;

use Amble\Core\Homework\HomeworkEntry;
use Amble\Core\Homework\HomeworkTask;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HomeworkTaskTest extends TestCase
{
    private const DAY = 86_400_000;
    private const NOW = 1_795_000_000_000;

    private static function done(int $balls, int $passes, float $daysAgo = 0.0): HomeworkEntry
    {
        return HomeworkEntry::kept('done', self::NOW - (int) ($daysAgo * self::DAY), $balls, $passes, null);
    }

    /** Eight of twelve: as many, and in no worse a share; more balls do not make up for misses. */
    #[DataProvider('times')]
    public function testATargetIsReachedByAsManyInNoWorseAShare(?bool $isReached, int $balls, int $passes): void
    {
        self::assertSame($isReached, (new HomeworkTask('Mat', 12, 8))->isReachedBy(self::done($balls, $passes)));
    }

    /** @return iterable<string, array{bool, int, int}> */
    public static function times(): iterable
    {
        yield 'just so' => [true, 12, 8];
        yield 'one fewer' => [false, 12, 7];
        yield 'after eight balls already' => [true, 8, 8];
        yield 'all of seven are too few' => [false, 7, 7];
        yield 'twice the balls at the same share' => [true, 24, 16];
        yield 'more balls, a worse share' => [false, 24, 12];
    }

    public function testWithoutATargetNothingIsReachedOrMissed(): void
    {
        self::assertNull((new HomeworkTask('Mat', 12))->isReachedBy(self::done(12, 12)));
        self::assertNull(
            (new HomeworkTask('Mat', 12, 8))->isReachedBy(
                HomeworkEntry::kept('question', self::NOW, null, null, 'Why?'),
            ),
        );
        self::assertSame(
            'In the last 7 days on 1 day.',
            (new HomeworkTask('Mat'))->lately([self::done(5, 5)], self::NOW),
        );
    }

    public function testWhatWasDoneOfItIsCountedByDaysOfTheLastSeven(): void
    {
        $task = new HomeworkTask('Mat.', 12, 8, 3, 'One beat');
        self::assertSame('Mat; aim for 8 of 12; 3 days a week; cue: One beat.', $task->line());
        self::assertNull($task->lately([self::done(12, 9, 7.1)], self::NOW));
        self::assertSame(
            'In the last 7 days on 2 of 3 days, 8 of 12 reached 1 time.',
            $task->lately(
                [self::done(12, 9, 8.0), self::done(12, 9, 2.0), self::done(12, 3, 1.0), self::done(12, 3, 1.0)],
                self::NOW,
            ),
        );
        self::assertSame(
            'In the last 7 days on 1 of 3 days, 8 of 12 reached never.',
            $task->lately([self::done(12, 3)], self::NOW),
        );
    }
}
