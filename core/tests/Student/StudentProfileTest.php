<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Student;

use Amble\Core\Card\BuiltInChecklists;
use Amble\Core\Card\ChecklistReport;
use Amble\Core\Card\PointInSession;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Homework\HomeworkReport;
use Amble\Core\Json\JsonInput;
use Amble\Core\Review\StudentReminders;
use Amble\Core\Session\PointAnswer;
use Amble\Core\Student\CurrentGoals;
use Amble\Core\Student\PreferenceQuestion;
use Amble\Core\Student\Prompt;
use Amble\Core\Student\Prompts;
use Amble\Core\Student\StudentProfile;
use Amble\Core\Student\TeachingPreferences;
use Amble\Core\Tests\Check\CheckFixtures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StudentProfileTest extends TestCase
{
    public function testItIsKeptWholeAndAllOfItMayBeMissing(): void
    {
        $given = [
            'dominant_eye' => 'trail',
            'handicap' => 18.4,
            'handicap_wanted' => 12.0,
            'three_putts_per_round' => 3.5,
            'lay_off_weeks' => 9,
            'lay_off_work' => 'a mat',
            'email' => 'mara@example.org',
            'recipe' => 'routine_d',
            'views' => 'views',
            'read_from_m' => 5.0,
            'mark_to_m' => 3.0,
            'is_minor' => true,
            'consent' => 'Mother, 3 March',
            'may_be_filmed' => true,
            'keep_until' => '2027-03-01',
            'step_rule' => ['earn' => 9, 'lose' => 4],
            'schools' => ['mark' => 'near', 'after' => 'rest'],
        ];
        self::assertEquals(
            ['schools' => (object) $given['schools']] + $given,
            StudentProfile::read(self::input($given))->toArray(),
        );
        self::assertSame(
            [null, false, false],
            [
                StudentProfile::nothing()->handicap,
                StudentProfile::nothing()->isMinor,
                StudentProfile::nothing()->mayBeFilmed,
            ],
        );
    }

    #[DataProvider('unusable')]
    public function testWhatCannotBeIsRefusedAtItsField(string $field, mixed $value): void
    {
        try {
            StudentProfile::read(
                self::input(
                    array_reduce(
                        array_reverse(explode('.', $field)),
                        static fn(mixed $inner, string $name): array => [$name => $inner],
                        $value,
                    ),
                ),
            );
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertSame($field, $refusal->field());
        }
    }

    /** @return iterable<array{string, mixed}> */
    public static function unusable(): iterable
    {
        yield ['dominant_eye', 'left'];
        yield ['handicap', 60];
        yield ['three_putts_per_round', -1];
        yield ['lay_off_weeks', 2.5];
        yield ['mark_to_m', 0];
        yield ['read_from_m', 31];
        yield ['email', 'mara at home'];
        yield ['step_rule.earn', 0];
        yield ['keep_until', 'next year'];
        yield ['schools.after', 'whistle'];
    }

    public function testTheCardsAnswerWinsOverTheCoachsAndThatOverTheShippedOne(): void
    {
        $schools = TeachingPreferences::of(['mark' => 'line'], ['mark' => 'ahead', 'feet' => 'unimportant']);
        self::assertSame(
            ['line', 'unimportant', 'count'],
            [$schools->answer('mark'), $schools->answer('feet'), $schools->answer('after')],
        );
        foreach (PreferenceQuestion::all() as $key => $question) {
            self::assertArrayHasKey(TeachingPreferences::of()->answer($key), $question->answers);
        }
    }

    /** Every answer but the silent ones says something of its own. */
    public function testEveryAnswerThatPromptsSaysItsOwnAndNeverTwoAfterContact(): void
    {
        $said = [];
        foreach (['mark', 'rehearse', 'path', 'after'] as $key) {
            foreach (array_keys(PreferenceQuestion::all()[$key]->answers) as $answer) {
                $lines = array_map(
                    static fn(Prompt $prompt): string => $prompt->text,
                    Prompts::of(StudentProfile::nothing(), TeachingPreferences::of([$key => $answer]), null),
                );
                self::assertCount(
                    1,
                    array_filter(
                        $lines,
                        static fn(string $line): bool => str_starts_with($line, 'Then ') ||
                            $line === 'The hole in view throughout.',
                    ),
                );
                $said[] = implode(' ', $lines);
            }
        }
        // Four are what ships, and say only what ships says.
        self::assertCount(count($said) - 3, array_unique($said));
    }

    public function testALineGivesWayToASpotBeyondItsLength(): void
    {
        $prompts = Prompts::of(
            StudentProfile::read(self::input(['mark_to_m' => 3])),
            TeachingPreferences::of(['mark' => 'near']),
            BuiltInChecklists::all()['routine_d'],
        );
        self::assertSame(
            'One rehearsal and go: Rehearsal, 1; Eyes to the target, back to the ball; Stroke at once.',
            $prompts[0]->text,
        );
        self::assertSame(
            [[null, 3.0], [3.0, null]],
            array_map(static fn(Prompt $prompt): array => [$prompt->from, $prompt->to], array_slice($prompts, 1, 2)),
        );
    }

    public function testWhereAStudentReadsFromIsSaidFirst(): void
    {
        $about = StudentProfile::read(self::input(['read_from_m' => 5]));
        $said = array_column(
            Prompts::of(
                $about,
                TeachingPreferences::of(),
                BuiltInChecklists::all()['routine_d'],
                views: BuiltInChecklists::all()['views'],
            ),
            'text',
        );
        self::assertStringStartsWith('Where to look at a putt from: Well back behind the ball; ', $said[0]);
        self::assertSame('Read from {5.000 m} behind the ball.', $said[1]);
        self::assertStringStartsWith('One rehearsal and go', $said[2]);
    }

    public function testOnlyWhoWatchesTheBallGoIsAskedWhatItDidBeyondTheHole(): void
    {
        $asked = array_map(
            static fn(string $answer): array => Prompts::afterMiss(TeachingPreferences::of(['after' => $answer])),
            array_keys(PreferenceQuestion::all()['after']->answers),
        );
        self::assertSame(
            ['follow', 'hole'],
            array_keys(array_filter(array_combine(array_keys(PreferenceQuestion::all()['after']->answers), $asked))),
        );
    }

    public function testWhereTheFeetRegulateTheLengthTheShoesPlaceIsSaidAtThatLength(): void
    {
        $schools = TeachingPreferences::of(['feet' => 'regulator']);
        $said = Prompts::of(StudentProfile::nothing(), $schools, null, [[3.0, 0.22], [6.0, 0.33]]);
        self::assertSame(
            [
                'The trail shoe {0.220 s} from the ball, for {3.000 m}.',
                'The trail shoe {0.330 s} from the ball, for {6.000 m}.',
            ],
            [$said[0]->text, $said[1]->text],
        );
        self::assertEqualsWithDelta([2.55, 3.45], [$said[0]->from, $said[0]->to], 1e-9);
        self::assertStringContainsString('in Checks', Prompts::of(StudentProfile::nothing(), $schools, null)[0]->text);
        self::assertStringNotContainsString(
            'shoe',
            Prompts::of(StudentProfile::nothing(), TeachingPreferences::of(), null, [[3.0, 0.22]])[0]->text,
        );
    }

    public function testWhatToRememberComesMostPressingFirstAndSaysNothingThatIsNotSo(): void
    {
        $about = StudentProfile::read(
            self::input([
                'is_minor' => true,
                'lay_off_weeks' => 8,
                'lay_off_work' => 'a mat',
                'keep_until' => '2026-11-01',
            ]),
        );
        $inWork = CurrentGoals::read(
            self::input([
                'focuses' => [['text' => 'One beat']],
                'faults' => [
                    ['fault' => 'Not held', 'cure' => 'Count three'],
                    ['fault' => 'Mended', 'is_open' => false],
                ],
            ]),
        );
        $card = ChecklistReport::of(BuiltInChecklists::all()['grip'], [
            new PointInSession('grip', 'wrists', PointAnswer::Attention, null, 'A', 1),
        ]);
        $check = CheckFixtures::look([CheckFixtures::try('takeaway', ['went' => 'inside'])]);
        $lines = StudentReminders::lines(
            $about,
            $inWork,
            [$card],
            [$check],
            'Keeps the press',
            2,
            'Ten a day',
            HomeworkReport::of([]),
            '2026-11-26',
        );
        self::assertSame(
            [
                'Consent',
                'Records',
                'Always',
                'Working on',
                'Break',
                'Homework',
                'Known fault',
                'Grip',
                'Which way does the putter go back?',
                'Pictures',
            ],
            array_column($lines, 0),
        );
        self::assertSame('8 weeks without putting on greens (a mat): start with reading and distance.', $lines[4][1]);
        self::assertSame('Not held: Count three', $lines[6][1]);
        $free = StudentProfile::read(
            self::input([
                'is_minor' => true,
                'consent' => 'Father',
                'may_be_filmed' => true,
                'keep_until' => '2026-11-26',
            ]),
        );
        self::assertSame(
            [],
            StudentReminders::lines(
                $free,
                CurrentGoals::nothing(),
                [],
                [],
                null,
                5,
                null,
                HomeworkReport::of([]),
                '2026-11-26',
            ),
        );
        self::assertSame(
            ['Break'],
            array_column(
                StudentReminders::lines(
                    $free,
                    CurrentGoals::nothing(),
                    [],
                    [],
                    null,
                    6,
                    null,
                    HomeworkReport::of([]),
                    '2026-11-26',
                ),
                0,
            ),
        );
    }

    /** @param array<string, mixed> $given */
    private static function input(array $given): JsonInput
    {
        return JsonInput::parse(json_encode((object) $given, JSON_THROW_ON_ERROR));
    }
}
