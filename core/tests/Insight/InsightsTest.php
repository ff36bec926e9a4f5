<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Insight;

use Amble\Core\Distance\StudentToday;
use Amble\Core\Distance\Today;
use Amble\Core\Distance\UsualBias;
use Amble\Core\Evidence\FirstAttempts;
use Amble\Core\Evidence\MeasurementAt;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Green\Surface;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Insights;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Rule\LaterAttemptsCloser;
use Amble\Core\Insight\Rules;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Ball;
use Amble\Core\Session\DismissedInsight;
use Amble\Core\Session\Stop;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Student\BackstrokeCue;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** The margin speaks only with evidence, and says the pressing thing first. */
final class InsightsTest extends PropertyTestCase
{
    private static function fit(int $n, bool $withOddBall = false): StrokeFit
    {
        $random = new SeededRandom(3);
        $putts = array_map(
            static function (int $i) use ($random) {
                $back = 0.15 + 0.02 * ($i % 10);

                return self::putt($back, 30.0 * $back ** 1.8 * exp(0.05 * $random->normal()));
            },
            $n === 0 ? [] : range(1, $n),
        );

        return (new StrokeFitter())->fit($withOddBall ? [...$putts, self::putt(0.3, 0.5)] : $putts);
    }

    /**
     * @param list<float>|null $today residuals of today's balls from the long-run line
     *
     * @return list<string> keys of the notes
     */
    private static function keys(
        StrokeFit $fit,
        MeasurementMethod $method = MeasurementMethod::Ramp,
        ?array $today = null,
        int $leftOut = 0,
    ): array {
        return array_map(static fn(Insight $note): string => $note->key, self::notes($fit, $method, $today, $leftOut));
    }

    /**
     * @param list<float>|null $today
     *
     * @return list<Insight>
     */
    private static function notes(StrokeFit $fit, MeasurementMethod $method, ?array $today, int $leftOut = 0): array
    {
        $offset = $today === null || $today === [] ? null : self::offset($today);

        return Insights::of(Rules::all(), self::facts($fit, $method, $offset, $leftOut), []);
    }

    /**
     * @param non-empty-list<StudentToday>|null $students
     * @param array<string, positive-int>|null $reasons
     */
    private static function facts(
        StrokeFit $fit,
        MeasurementMethod $method = MeasurementMethod::Ramp,
        ?SessionOffset $offset = null,
        int $leftOut = 0,
        int $readingAge = 0,
        ?array $students = null,
        BackstrokeCue $school = BackstrokeCue::Rule,
        ?array $reasons = null,
    ): InsightFacts {
        $standing = new MeasurementInForce(
            new MeasurementAt(0, 'S', GreenSpeed::ofMetres(3.0), 0.03),
            $readingAge === 0,
            $readingAge,
        );

        return new InsightFacts(
            $fit,
            $method,
            $method === MeasurementMethod::Unknown ? null : $standing,
            $offset,
            $students === null ? null : Today::of($students),
            $students === null ? 0 : $students[0]->n,
            $reasons ?? ($leftOut === 0 ? [] : ['stopped' => $leftOut]),
            $school,
        );
    }

    /**
     * Today's putts against four quiet earlier sessions.
     *
     * @param list<float> $residuals of today's putts from the line, log units
     */
    private static function offset(array $residuals): ?SessionOffset
    {
        $random = new SeededRandom(4);
        $putt = static fn(int $i, float $off): StrokePutt => self::putt(
            0.15 + 0.02 * ($i % 10),
            30.0 * (0.15 + 0.02 * ($i % 10)) ** 1.8 * exp($off),
        );
        $earlier = array_map(
            static fn(): array => array_map(
                static fn(int $i): StrokePutt => $putt($i, 0.06 * $random->normal()),
                range(1, 20),
            ),
            range(1, 4),
        );

        return SessionOffset::of($earlier, array_map($putt, array_keys($residuals), $residuals));
    }

    private static function day(float $error): StudentToday
    {
        return StudentToday::of(array_fill(0, 8, Bound::exactly($error)), new UsualBias(0.0, 0.01), 0.08);
    }

    /** @return list<string> keys of the notes */
    private static function said(InsightFacts $facts, DismissedInsight ...$aside): array
    {
        return array_map(
            static fn(Insight $note): string => $note->key,
            Insights::of(Rules::all(), $facts, array_values($aside)),
        );
    }

    public function testFirstTriesFurtherOffThanLaterOnesAreSaidOnlyOfEnoughBalls(): void
    {
        $note = static function (int $first, int $firstInside, int $later, int $laterInside): ?Insight {
            $ball = static fn(int $i, int $attempt, bool $isInside): RolledBall => new RolledBall(
                "B$i-$attempt",
                $i,
                'S',
                Ball::seen(
                    null,
                    Length::ofMetres($isInside ? 4.1 : 5.5),
                    Stop::Free,
                    Length::ofMetres(4.0),
                    Grade::level(),
                ),
                surface: Surface::Grass,
                attempt: $attempt,
            );
            $balls = [
                ...array_map(static fn(int $i): RolledBall => $ball($i, 1, $i < $firstInside), range(0, $first - 1)),
                ...array_map(static fn(int $i): RolledBall => $ball($i, 2, $i < $laterInside), range(0, $later - 1)),
            ];
            $facts = new InsightFacts(
                fit: self::fit(20),
                method: MeasurementMethod::Ramp,
                reading: null,
                strokeToday: null,
                today: null,
                ballsToday: 0,
                leftOut: [],
                school: BackstrokeCue::Rule,
                tries: FirstAttempts::of($balls, Surface::Grass),
            );

            return (new LaterAttemptsCloser())->note($facts);
        };
        self::assertSame(
            'Within 10 % of the length: 2 of 10 first attempts, 8 of 10 later ones.',
            $note(10, 2, 10, 8)?->evidence,
        );
        self::assertNull($note(5, 0, 10, 10), 'five say nothing');
        self::assertNull($note(10, 2, 5, 5), 'nor do five later ones');
        self::assertNull($note(10, 6, 10, 7), 'a tenth apart is nothing to say');
        self::assertNull($note(10, 8, 10, 2), 'first ones are closer');
    }

    public function testOneShortStudentNamesTheGreenAndTheStudentSeveralNameTheGreen(): void
    {
        $fit = self::fit(20);
        [$either] = Insights::of(Rules::all(), self::facts($fit, students: [self::day(-0.25)]), []);
        self::assertSame('pace.either', $either->key);
        self::assertStringContainsString('25 % short', $either->seen);
        self::assertStringStartsWith('Check the green first', (string) $either->try);
        self::assertSame(
            ['pace.green'],
            self::said(self::facts($fit, students: [self::day(-0.2), self::day(-0.15), self::day(-0.18)])),
        );
        self::assertSame(
            ['pace.student'],
            self::said(
                self::facts(
                    $fit,
                    students: [self::day(-0.35), self::day(0.02), self::day(0.03), self::day(0.05), self::day(0.06)],
                ),
            ),
        );
        self::assertSame([], self::said(self::facts($fit, students: [self::day(-0.03)])));
        // Two balls say nothing of a day, however far off.
        $two = StudentToday::of([Bound::exactly(-0.6), Bound::exactly(-0.6)], new UsualBias(0.0, 0.01), 0.08);
        self::assertSame([], self::said(self::facts($fit, students: [$two])));
    }

    public function testAReadingOfAnotherDayIsNamedWithItsAgeAndWhatItWidens(): void
    {
        [$note] = Insights::of(Rules::all(), self::facts(self::fit(20), readingAge: 6), []);
        self::assertSame('stroke.speed_of_another_day', $note->key);
        self::assertStringContainsString('6 days ago', $note->seen);
        self::assertStringContainsString('8 %', $note->evidence);
        // Without a speed of its day nothing is said of today against the line.
        $short = self::offset(array_fill(0, 8, -0.4));
        self::assertNotContains('stroke.offset', self::said(self::facts(self::fit(20), offset: $short, readingAge: 1)));
    }

    public function testANotePutAwayIsSilentUntilItsEvidenceChanges(): void
    {
        $facts = self::facts(self::fit(20), students: [self::day(-0.25)]);
        [$note] = Insights::of(Rules::all(), $facts, []);
        self::assertSame([], self::said($facts, new DismissedInsight('pace.either', $note->stamp, 'the mat was wet')));
        self::assertSame(['pace.either'], self::said($facts, new DismissedInsight('pace.either', 'other', null)));
        self::assertSame(['pace.either'], self::said($facts, new DismissedInsight('pace.green', $note->stamp, null)));
        // Put away without its evidence, it stays away.
        self::assertSame([], self::said($facts, new DismissedInsight('pace.either', null, null)));
        $later = self::facts(self::fit(20), students: [self::day(-0.35)]);
        self::assertSame(['pace.either'], self::said($later, new DismissedInsight('pace.either', $note->stamp, null)));
    }

    public function testAtMostThreeStandTheDearestAndSurestFirstAndNoOtherPreferenceSpeaks(): void
    {
        $note = static fn(string $key, float $cost, float $sureness, ?BackstrokeCue $school = null): Rule => new class (
            $key,
            $cost,
            $sureness,
            $school,
        ) implements Rule {
            public function __construct(
                private string $key,
                private float $cost,
                private float $sureness,
                private ?BackstrokeCue $school,
            ) {}

            public function note(InsightFacts $facts): ?Insight
            {
                return new Insight(
                    $this->key,
                    'Seen.',
                    'Evidence.',
                    $this->cost,
                    $this->sureness,
                    '',
                    school: $this->school,
                );
            }
        };
        $rules = [
            $note('a', 0.2, 1.0),
            $note('b', 0.9, 0.5),
            $note('c', 0.8, 0.9),
            $note('foot', 1.0, 1.0, BackstrokeCue::Foot),
            $note('d', 0.1, 1.0),
        ];
        $keys = static fn(array $notes): array => array_map(static fn(Insight $each): string => $each->key, $notes);
        self::assertSame(['c', 'b', 'a'], $keys(Insights::of($rules, self::facts(self::fit(20)), [])));
        self::assertSame(
            ['foot', 'c', 'b'],
            $keys(Insights::of($rules, self::facts(self::fit(20), school: BackstrokeCue::Foot), [])),
        );
        self::assertSame(
            ['student.exception', 'c', 'b'],
            $keys(Insights::of($rules, self::facts(self::fit(20)), [], 'Ball well forward on purpose.')),
        );
    }

    public function testNoInsightIsAGoodAnswer(): void
    {
        self::assertSame([], self::keys(self::fit(20)));
        self::assertSame([], self::keys(self::fit(20), today: [0.02, -0.03, 0.01, 0.02, 0.0]));
    }

    public function testEachNoteComesWithItsEvidence(): void
    {
        self::assertSame(['stroke.none'], self::keys(self::fit(0)));
        self::assertSame(['stroke.provisional'], self::keys(self::fit(4)));
        self::assertSame(['stroke.speed_estimated'], self::keys(self::fit(20), MeasurementMethod::Estimated));
        self::assertSame(['stroke.odd'], self::keys(self::fit(20, withOddBall: true)));
        self::assertSame(['stroke.left_out'], self::keys(self::fit(8), leftOut: 9));
        self::assertSame([], self::keys(self::fit(8), leftOut: 8));
        // The reason told is that of most of them.
        $told = static fn(array $leftOut): Insight => Insights::of(
            Rules::all(),
            self::facts(self::fit(8), reasons: $leftOut),
            [],
        )[0];
        self::assertStringContainsString(
            'most of them, 9: no backstroke noted',
            $told(['stopped' => 3, 'no_backstroke' => 9])->evidence,
        );
        self::assertStringContainsString(
            'Note the backstroke',
            (string) $told(['stopped' => 3, 'no_backstroke' => 9])->try,
        );
        self::assertStringContainsString('open ground', (string) $told(['stopped' => 9, 'mishit' => 1])->try);
        self::assertNull($told(['mishit' => 9])->try);
    }

    public function testTooFewBallsTodaySayNothingAboutToday(): void
    {
        self::assertSame([], self::keys(self::fit(20), today: [-0.5, -0.5, -0.5]));
        self::assertSame(['stroke.offset'], self::keys(self::fit(20), today: [-0.4, -0.4, -0.4, -0.4]));
    }

    public function testAShortDayNamesTheGreenBeforeTheStrikeAndBothWays(): void
    {
        [$note] = self::notes(self::fit(20), MeasurementMethod::Ramp, array_fill(0, 8, -0.35));
        self::assertSame('Today the same backstroke rolls shorter than on earlier days.', $note->seen);
        // No sentence contradicts its own figure: what is said lies outside what a quiet day stays within.
        self::assertMatchesRegularExpression(
            '/^8 balls compared with the curve of 4 earlier sessions: (2[89]|3\d) % short\. An ordinary day stays within 1\d %\.$/',
            $note->evidence,
        );
        self::assertStringStartsWith('Check the green first', (string) $note->try);
        self::assertStringStartsWith('If the green is right', (string) $note->otherWay);
        [$long] = self::notes(self::fit(20), MeasurementMethod::Ramp, array_fill(0, 8, 0.35));
        self::assertStringContainsString('further', $long->seen);
        self::assertStringContainsString('% long', $long->evidence);
        self::assertSame([], self::keys(self::fit(20), today: array_fill(0, 8, -0.15)));
    }

    public function testSeveralStudentsWhoseBackstrokesRollShortPointAtTheGreen(): void
    {
        $offset = self::offset(array_fill(0, 8, -0.2));
        assert($offset !== null);
        $standing = new MeasurementInForce(new MeasurementAt(0, 'S', GreenSpeed::ofMetres(3.0), 0.03), true, 0);
        $facts = static fn(SessionOffset ...$others): InsightFacts => new InsightFacts(
            self::fit(20),
            MeasurementMethod::Ramp,
            $standing,
            $offset,
            null,
            0,
            [],
            BackstrokeCue::Rule,
            strokesOfOthers: array_values($others),
        );
        [$note] = Insights::of(Rules::all(), $facts($offset, $offset), []);
        self::assertSame('stroke.green', $note->key);
        self::assertStringStartsWith('The green rolls slower than measured', $note->seen);
        self::assertStringStartsWith('3 students', $note->evidence);
        self::assertNotContains('stroke.green', self::said($facts()));
    }

    /** "Usual for this student" is never said where there is no history. */
    public function testWithoutAHistoryNothingIsCalledUsual(): void
    {
        $standing = new MeasurementInForce(new MeasurementAt(0, 'S', GreenSpeed::ofMetres(3.0), 0.03), true, 0);
        $new = StudentToday::of(array_fill(0, 8, Bound::exactly(-0.35)), null, 0.08);
        $seen = static fn(bool $hasHistory): string => Insights::of(
            Rules::all(),
            new InsightFacts(
                self::fit(20),
                MeasurementMethod::Ramp,
                $standing,
                null,
                Today::of([$new]),
                8,
                [],
                BackstrokeCue::Rule,
                hasHistory: $hasHistory,
            ),
            [],
        )[0]->seen;
        self::assertSame("Today's balls finish 35 % short of the target.", $seen(false));
        self::assertStringContainsString('usual for this student', $seen(true));
    }

    public function testThePressingNoteComesFirst(): void
    {
        $keys = self::keys(self::fit(3), MeasurementMethod::Unknown, leftOut: 10);
        self::assertSame(['stroke.speed_unknown', 'stroke.provisional', 'stroke.left_out'], $keys);
    }

    public function testOneBallIsABallAndNobodyIsBlamed(): void
    {
        $notes = [
            ...self::notes(self::fit(1), MeasurementMethod::Estimated, null),
            ...self::notes(self::fit(20, withOddBall: true), MeasurementMethod::Ramp, array_fill(0, 6, -0.4), 40),
        ];
        self::assertStringContainsString(
            '1 ball so far',
            implode(' ', array_map(static fn(Insight $n): string => $n->evidence, $notes)),
        );
        foreach ($notes as $note) {
            foreach ([$note->seen, $note->evidence, (string) $note->try] as $sentence) {
                self::assertDoesNotMatchRegularExpression('/fail|bad|wrong|!|poor/i', $sentence);
                self::assertStringEndsWith('.', $sentence);
            }
        }
    }
}
