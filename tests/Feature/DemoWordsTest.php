<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoSeeder;
use App\Models\PracticeSession;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Tests\TestCase;

/** Every sentence that the server says about every student of the demo can be shown as it stands. */
final class DemoWordsTest extends TestCase
{
    private const OF_STUDENT = [
        'review',
        'trend',
        'findings',
        'stakes',
        'rounds',
        'checks',
        'reminders',
        'comparison',
        'take-home-card',
        'homework',
    ];
    private const OF_SESSION = ['review', 'stroke', 'findings', 'debrief', 'slopes'];

    public function testNoSentenceHoldsABraceANaNOrAnEmptyFigure(): void
    {
        $this->actingAs(app(DemoSeeder::class)->seed(CarbonImmutable::parse('2026-11-23 10:00')));
        $paths = [];
        foreach (Student::query()->pluck('id') as $student) {
            $paths = [
                ...$paths,
                ...array_map(static fn(string $part): string => "students/$student/$part", self::OF_STUDENT),
            ];
            $session = PracticeSession::query()->where('student_id', $student)->orderByDesc('started_at')->value('id');
            $paths =
                $session === null
                    ? $paths
                    : [
                        ...$paths,
                        ...array_map(static fn(string $part): string => "sessions/$session/$part", self::OF_SESSION),
                    ];
        }
        $said = 0;
        foreach ($paths as $path) {
            $answer = $this->getJson("/api/$path")
                ->assertSuccessful()
                ->json();
            foreach (self::strings($answer) as $text) {
                ++$said;
                self::assertSame(null, self::wrongWith($text), "$path: $text");
            }
        }
        self::assertGreaterThan(2000, $said);
    }

    public function testWhatIsWrongWithASentenceIsFound(): void
    {
        $wrong = ['{0.076 m} wide', '{0.076 s} wide'];
        self::assertSame([null, null], array_map(self::wrongWith(...), $wrong));
        self::assertSame(
            ['brace', 'brace', 'brace', 'number', 'number', 'empty', 'empty', 'empty'],
            array_map(self::wrongWith(...), [
                '{0.076 q} wide',
                '{ m} wide',
                'from {width}',
                'NaN past',
                'by INF',
                'by  m',
                'a share of  %',
                'it is , then',
            ]),
        );
    }

    /**
     * 'brace' where a length's place is of no unit the screens show, 'number' or 'empty' where a figure is none; else
     * null.
     */
    private static function wrongWith(string $text): ?string
    {
        $shown = (string) preg_replace('/\{-?\d+(\.\d+)? [mws]\}/', '1 m', $text);

        return match (true) {
            preg_match('/[{}]/', $shown) === 1 => 'brace',
            preg_match('/\b(NaN|INF|undefined|null)\b/', $shown) === 1 => 'number',
            preg_match('/\S {2,}\S|(?<![\d ])\s*%| [,.;](\s|$)|\(\s*\)/', $shown) === 1 => 'empty',
            default => null,
        };
    }

    /** @return \Generator<int, string> */
    private static function strings(mixed $answer): \Generator
    {
        if (is_string($answer)) {
            yield $answer;
        }
        foreach (is_array($answer) ? $answer : [] as $part) {
            yield from self::strings($part);
        }
    }
}
