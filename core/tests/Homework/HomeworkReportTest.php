<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Homework;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Homework\HomeworkEntry;
use Amble\Core\Homework\HomeworkReport;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HomeworkReportTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    private static function entry(array $fields): HomeworkEntry
    {
        return HomeworkEntry::read(JsonInput::fromArray($fields + ['kind' => 'done', 'at_ms' => 1]));
    }

    public function testWhatWasCountedAddsUpAndIsSaidToBeTheStudents(): void
    {
        $look = HomeworkReport::of([
            self::entry(['balls' => 15, 'passes' => 9]),
            self::entry(['balls' => 15, 'passes' => 12]),
            self::entry(['kind' => 'question', 'text' => 'On a carpet?']),
        ]);

        self::assertSame([2, 0.7, 30], [$look->times, $look->finding?->value, $look->finding?->n]);
        self::assertSame(
            '2 times at home, counted by the student: 21 of 30 successful, likely 58 to 79 %.',
            $look->finding->sentence,
        );
        self::assertSame('On a carpet?', $look->question);
    }

    public function testAnAnswerClosesAQuestionAndNothingDoneTellsNothing(): void
    {
        $asked = self::entry(['kind' => 'question', 'text' => 'How far?']);
        self::assertNull(
            HomeworkReport::of([$asked, self::entry(['kind' => 'answer', 'text' => 'Ten feet.'])])->question,
        );
        self::assertSame(
            'How far?',
            HomeworkReport::of([
                self::entry(['kind' => 'answer', 'text' => 'Ten feet.']),
                $asked,
                self::entry(['balls' => 3, 'passes' => 0]),
            ])->question,
        );
        self::assertNull(HomeworkReport::of([$asked])->finding);
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsRefusedAtItsField(string $field, array $fields): void
    {
        try {
            self::entry($fields);
            self::fail('It was taken.');
        } catch (InvalidInput $error) {
            self::assertSame($field, $error->field());
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function wrong(): iterable
    {
        yield 'more passed than were rolled' => ['passes', ['balls' => 5, 'passes' => 6]];
        yield 'no balls' => ['balls', ['balls' => 0, 'passes' => 0]];
        yield 'a question of nothing' => ['text', ['kind' => 'question']];
        yield 'no such kind' => ['kind', ['kind' => 'sleep']];
    }
}
