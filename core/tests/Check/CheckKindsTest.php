<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Check;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\CheckKind;
use Amble\Core\Check\CheckKinds;
use Amble\Core\Check\MadeAttempt;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Report\Finding;
use Amble\Core\Session\CheckAttempt;
use Amble\Core\Session\Observation\AnswerKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What every kind of check has in common: it takes its own answers and no other, finds something, and draws it. */
final class CheckKindsTest extends TestCase
{
    #[DataProvider('kinds')]
    public function testItTakesItsOwnAnswersAndFindsAndDrawsSomething(CheckKind $kind): void
    {
        $made = CheckFixtures::try($kind->key, self::answers($kind));
        CheckKinds::accept($made->try, 'events.0');
        $look = CheckFixtures::look([$made, CheckFixtures::try($kind->key, self::answers($kind))]);
        self::assertNotSame([], $look->findings);
        self::assertSame([2, 2], [$look->n, count($look->marks)]);
        self::assertNotSame([null, null], [$look->marks[0]->value, $look->marks[0]->word]);
        self::assertNotSame([], $kind->steps);
        self::assertSame(
            count($kind->fields),
            count(array_unique(array_map(static fn(CheckField $field): string => $field->name, $kind->fields))),
        );
    }

    #[DataProvider('kinds')]
    public function testWhatIsMissingUnknownOrOutOfRangeIsRefusedAtItsField(CheckKind $kind): void
    {
        foreach ($kind->fields as $field) {
            $without = array_diff_key(self::answers($kind), [$field->name => true]);
            self::assertSame(
                $field->isNeeded ? "events.0.answers.$field->name" : null,
                self::refusedAt($kind, $without),
            );
            $wild = in_array($field->answers->kind, [AnswerKind::Metres, AnswerKind::Number, AnswerKind::Count], true)
                ? $field->answers->most + 1
                : 'nonsense';
            self::assertSame(
                "events.0.answers.$field->name",
                self::refusedAt($kind, [$field->name => $wild] + self::answers($kind)),
            );
        }
        self::assertSame(
            'events.0.answers.height_m',
            self::refusedAt($kind, ['height_m' => 1.0] + self::answers($kind)),
        );
    }

    public function testThereIsNoCheckOfAnotherName(): void
    {
        $this->expectExceptionMessage('There is no such check.');
        CheckKinds::accept(new CheckAttempt('T', 1, null, 'shoes_polished', []), 'events.0');
    }

    /** @return iterable<string, array{CheckKind}> */
    public static function kinds(): iterable
    {
        foreach (CheckKinds::all() as $key => $kind) {
            yield $key => [$kind];
        }
    }

    /** @param array<string, string|bool|int|float> $answers */
    private static function refusedAt(CheckKind $kind, array $answers): ?string
    {
        try {
            $kind->accept(new CheckAttempt('T', 1, null, $kind->key, $answers), 'events.0');
        } catch (InvalidInput $refusal) {
            return $refusal->field();
        }

        return null;
    }

    /** @return array<string, string|bool|int|float> each field in the middle of its range */
    private static function answers(CheckKind $kind): array
    {
        $answers = [];
        foreach ($kind->fields as $field) {
            $middle = 0.5 * ($field->answers->least + $field->answers->most);
            $answers[$field->name] = match ($field->answers->kind) {
                AnswerKind::Words => (string) array_key_first($field->answers->words),
                AnswerKind::YesNo => true,
                AnswerKind::Metres, AnswerKind::Number => $middle,
                AnswerKind::Count => (int) $middle,
            };
        }

        return $answers;
    }

    public function testATempoDriftsOnlyOverEnoughTapsAtLengthsApart(): void
    {
        $questions = static function (int $taps, float $apart): array {
            $tries = array_map(
                static fn(int $i): MadeAttempt => CheckFixtures::try('tempo', [
                    'bpm' => 76 + 2 * $i,
                    'length_m' => 3.0 * $apart ** ($i / ($taps - 1)),
                ]),
                range(0, $taps - 1),
            );

            return array_map(
                static fn(Finding $finding): string => $finding->question,
                CheckKinds::all()['tempo']->findings(new CheckAttempts($tries), new StudentChecks($tries)),
            );
        };
        $drift = 'Does the tempo drift with length?';
        self::assertContains($drift, $questions(5, 1.51));
        self::assertNotContains($drift, $questions(4, 1.51));
        self::assertNotContains($drift, $questions(5, 1.49));
    }
}
