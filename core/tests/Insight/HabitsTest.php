<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Insight;

use Amble\Core\Check\MadeAttempt;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Direction\LineCure;
use Amble\Core\Evidence\FirstAttempts;
use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Green\Surface;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Insights;
use Amble\Core\Insight\Rules;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ChangeMarker;
use Amble\Core\Review\Visit;
use Amble\Core\Rounds\Hole;
use Amble\Core\Rounds\PlayedRound;
use Amble\Core\Rounds\RoundReport;
use Amble\Core\Session\Stop;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Student\BackstrokeCue;
use Amble\Core\Student\Complaint;
use Amble\Core\Student\Hand;
use Amble\Core\Student\TeachingPreferences;
use Amble\Core\Tests\Check\CheckFixtures;
use Amble\Core\Tests\Review\BallFixtures;
use Amble\Core\Units\Length;
use Amble\Tools\MarginTrial;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The margin tells a habit where there is one, and is silent where there is none. */
final class HabitsTest extends TestCase
{
    /** Notes of the state of the evidence, not of a habit. */
    private const STATE = [
        'stroke.none',
        'stroke.provisional',
        'stroke.odd',
        'stroke.left_out',
        'stroke.speed_unknown',
        'stroke.speed_estimated',
        'stroke.speed_of_another_day',
    ];

    /**
     * @param list<RolledBall> $balls
     * @param list<ChangeMarker> $changeMarkers
     * @param list<MadeAttempt> $tries at checks
     * @param array<string, string> $schools
     *
     * @return array<string, Insight> by key
     */
    private static function notes(
        array $balls,
        array $changeMarkers = [],
        ?LineCure $cure = null,
        ?RoundReport $play = null,
        BackstrokeCue $school = BackstrokeCue::Rule,
        float $pace = 0.3,
        array $tries = [],
        array $schools = [],
        Hand $hand = Hand::Right,
        ?float $markTo = null,
    ): array {
        $asked = BallFixtures::asked(
            $balls,
            $pace,
            $hand,
            checked: new StudentChecks($tries, TeachingPreferences::of($schools)),
        );
        $fit = (new StrokeFitter())->fit(array_values((new ForStroke(Surface::Grass))->putts($balls)));
        $facts = new InsightFacts(
            fit: $fit,
            method: MeasurementMethod::Ramp,
            reading: $balls[0]->reading ?? null,
            strokeToday: null,
            today: null,
            ballsToday: 0,
            leftOut: [],
            school: $school,
            tries: null,
            lately: $asked,
            session: $asked,
            path: $asked,
            changeMarkers: $changeMarkers,
            cure: $cure,
            play: $play,
            markTo: $markTo,
        );
        $notes = [];
        foreach (Rules::all() as $rule) {
            $note = $rule->note($facts);
            // A per cent sign doubled for a format that the text never goes through.
            self::assertStringNotContainsString('%%', json_encode($note, JSON_THROW_ON_ERROR));
            if ($note !== null && !in_array($note->key, self::STATE, true)) {
                $notes[$note->key] = $note;
            }
        }

        return $notes;
    }

    #[DataProvider('faults')]
    public function testTheFirstNoteNamesTheFaultOfASimulatedStudent(MarginTrial $trial): void
    {
        foreach ([11, 12, 13] as $seed) {
            self::assertContains($trial->firstNote(80, new SeededRandom($seed))?->key, $trial->right);
        }
    }

    /** @return iterable<string, array{MarginTrial}> those that 80 balls tell of nearly everybody */
    public static function faults(): iterable
    {
        foreach (MarginTrial::faults() as $name => $trial) {
            if (preg_match('/half-way|entered|only misses|gates alone|days differ|^starts scattered/', $name) !== 1) {
                yield $name => [$trial];
            }
        }
    }

    /** `./amble margin` prints how often; here a handful of each kind of day must be silent but for a few. */
    public function testOrdinaryDaysAreNoFaults(): void
    {
        [$spoke, $n] = [0, 0];
        foreach (MarginTrial::faultless() as $name => $trial) {
            foreach (str_contains($name, '8 %') ? [] : [21, 22, 23, 24] as $seed) {
                ++$n;
                $spoke += $trial->firstNote(40, new SeededRandom($seed)) === null ? 0 : 1;
            }
        }
        self::assertLessThanOrEqual(0.05 * $n, $spoke);
    }

    /** A green speed entered wrong makes every calculated break wrong by as much. */
    public function testAWrongGreenSpeedProducesNoReadingNotes(): void
    {
        foreach (['speed entered 15 % too fast today', 'speed entered 15 % too slow today'] as $name) {
            foreach (range(1, 12) as $seed) {
                $keys = array_map(
                    static fn(Insight $note): string => $note->key,
                    MarginTrial::faults()[$name]->notes(60, new SeededRandom($seed)),
                );
                self::assertSame(
                    [],
                    array_values(array_intersect($keys, ['read.low', 'read.high', 'read.pace'])),
                    "$name $seed",
                );
            }
        }
    }

    public function testReadingTooMuchIsAHabitAsReadingTooLittleIs(): void
    {
        $high = static fn(int $n): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.0,
                3.0,
                ['high_low' => $i % 12 === 0 ? 'low' : 'high'],
                across: 2.0,
            ),
            range(1, $n),
        );
        $note = self::notes($high(24))['read.high'];
        self::assertSame('Breaking putts miss on the high side.', $note->seen);
        self::assertStringContainsString('Read less break', (string) $note->try);
        self::assertArrayNotHasKey('read.low', self::notes($high(24)));
        self::assertArrayNotHasKey('read.high', self::notes($high(8)));
    }

    public function testShortPuttsOfWhichNoneIsLoggedAsHoledHoldBackTheNotesOnStarts(): void
    {
        $missed = static fn(int $n, int $holed = 0, float $length = 1.8): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                $length + 0.3,
                $length,
                ['gate' => $i % 2 === 0 ? 'right' : 'left'],
                stop: $i <= $holed ? Stop::Holed : Stop::Free,
                isAtHole: true,
                gate: BallFixtures::GATE,
            ),
            range(1, $n),
        );
        $note = self::notes($missed(15))['log.only_misses'];
        self::assertStringContainsString('None of 15 putts at holes', $note->seen);
        self::assertSame('At this student\'s level about 6 of them are holed.', $note->evidence);
        self::assertContains('start.scatter', $note->instead);
        self::assertArrayNotHasKey('log.only_misses', self::notes($missed(14)));
        self::assertArrayNotHasKey('log.only_misses', self::notes($missed(15, 1)));
        // From nine feet fifteen misses running are not that unlikely.
        self::assertArrayNotHasKey('log.only_misses', self::notes($missed(15, length: 3.0)));
        $asked = BallFixtures::asked($missed(40));
        $facts = new InsightFacts(
            fit: (new StrokeFitter())->fit([]),
            method: MeasurementMethod::Ramp,
            reading: null,
            strokeToday: null,
            today: null,
            ballsToday: 0,
            leftOut: [],
            school: BackstrokeCue::Rule,
            tries: null,
            lately: $asked,
            session: $asked,
            path: $asked,
        );
        $keys = array_map(static fn(Insight $each): string => $each->key, Insights::of(Rules::all(), $facts, []));
        self::assertContains('log.only_misses', $keys);
        self::assertSame(
            [],
            array_values(array_filter($keys, static fn(string $key): bool => str_starts_with($key, 'start.'))),
        );
    }

    public function testAChangeHalfWayIsNotedWithItsBall(): void
    {
        $balls = array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                (($i > 20 ? 0.82 : 1.0) + 0.03 * ((($i * 7) % 5) - 2)) * 3.0,
            ),
            range(1, 36),
        );
        $note = self::notes($balls)['pace.halfway'];
        self::assertSame('From about ball 21 on, balls finish shorter.', $note->seen);
        self::assertMatchesRegularExpression(
            '/^By 1\d to \d\d % of the length; 20 balls before, 16 since\.$/',
            $note->evidence,
        );
        self::assertCount(16, $note->balls);
        self::assertArrayNotHasKey(
            'pace.halfway',
            self::notes(
                array_map(
                    static fn(int $i): RolledBall => BallFixtures::one((1.0 + 0.03 * ((($i * 7) % 5) - 2)) * 3.0),
                    range(1, 36),
                ),
            ),
        );
        self::assertArrayNotHasKey('pace.halfway', self::notes(array_slice($balls, 12, 15)));
    }

    /** Balls of other days, and backstrokes chosen to be measured, are no unevenness. */
    public function testTwoGreensSlopesAndChosenBackstrokesAreNoUnevenStroke(): void
    {
        foreach (['two greens in turn, 8 and 11 ft', 'slopes from -3 to +3 %'] as $name) {
            foreach ([1, 2, 3] as $seed) {
                $keys = array_map(
                    static fn(Insight $note): string => $note->key,
                    MarginTrial::faultless()[$name]->notes(80, new SeededRandom($seed)),
                );
                self::assertSame(
                    [],
                    array_values(array_intersect($keys, ['stroke.uneven_back', 'stroke.uneven_strike'])),
                    "$name $seed",
                );
            }
        }
        $practice = BallFixtures::practice(40, seed: 31);
        $chosen = array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                9.0 * (0.15 + 0.05 * intdiv($i, 3)),
                3.0,
                back: 0.15 + 0.05 * intdiv($i, 3),
                isMeasuringStroke: true,
            ),
            range(0, 17),
        );
        self::assertSame(array_keys(self::notes($practice)), array_keys(self::notes([...$practice, ...$chosen])));
    }

    public function testAHabitIsSaidOnceBySomeRuleThatSaysWhy(): void
    {
        $balls = BallFixtures::practice(60, ['lengthBias' => 0.3], 5);
        $said = array_keys(self::notes($balls));
        self::assertContains('pace.habit', $said);
        self::assertContains('stroke.too_long', $said);
        $asked = BallFixtures::asked($balls);
        $fit = (new StrokeFitter())->fit(array_values((new ForStroke(Surface::Grass))->putts($balls)));
        $facts = new InsightFacts(
            fit: $fit,
            method: MeasurementMethod::Ramp,
            reading: $balls[0]->reading,
            strokeToday: null,
            today: null,
            ballsToday: 0,
            leftOut: [],
            school: BackstrokeCue::Rule,
            tries: null,
            lately: $asked,
            session: $asked,
            path: $asked,
        );
        $margin = array_map(static fn(Insight $note): string => $note->key, Insights::of(Rules::all(), $facts, []));
        self::assertContains('stroke.too_long', $margin);
        self::assertNotContains('pace.habit', $margin);
    }

    public function testShortOnOneDayNamesTheGreenFirstAndOverSessionsTheStroke(): void
    {
        $short = static fn(string $session): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                (2.35 + 0.05 * ($i % 4)) * (1 + ($i % 2)),
                3.0 * (1 + ($i % 2)),
                session: $session,
            ),
            range(1, 14),
        );
        $oneDay = self::notes($short('A'))['pace.habit'];
        self::assertStringContainsString('green first', (string) $oneDay->try);
        self::assertStringContainsString('backstroke', (string) $oneDay->otherWay);
        self::assertCount(14, $oneDay->balls);
        $weeks = self::notes([...$short('A'), ...$short('B'), ...$short('C')])['pace.habit'];
        self::assertStringContainsString('backstroke', (string) $weeks->try);
        self::assertArrayNotHasKey('pace.habit', self::notes(array_slice($short('A'), 0, 10)));
    }

    public function testLongPuttsApartFromShortOnesAreNamed(): void
    {
        $jitter = static fn(int $i): float => 1.0 + 0.04 * (($i % 5) - 2);
        $balls = [
            ...array_map(static fn(int $i): RolledBall => BallFixtures::one(2.0 * $jitter($i), 2.0), range(1, 10)),
            ...array_map(static fn(int $i): RolledBall => BallFixtures::one(6.8 * $jitter($i), 8.0), range(1, 10)),
        ];
        self::assertStringContainsString('Long putts finish shorter', self::notes($balls)['pace.lengths']->seen);
        // Clear, and too small to be worth a word.
        $little = static fn(float $target, float $share): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                $share * $target * (1.0 + 0.005 * (($i % 5) - 2)),
                $target,
            ),
            range(1, 10),
        );
        self::assertArrayNotHasKey('pace.lengths', self::notes([...$little(2.0, 1.0), ...$little(8.0, 0.96)]));
        self::assertArrayNotHasKey(
            'pace.lengths',
            self::notes(
                array_map(
                    static fn(int $i): RolledBall => BallFixtures::one(
                        $jitter($i) * 2.0 * (1 + ($i % 2)),
                        2.0 * (1 + ($i % 2)),
                    ),
                    range(1, 20),
                ),
            ),
        );
    }

    public function testTheRunOutPlayedForIsHeldAgainstWhatIsRolled(): void
    {
        // Half a metre past what is played for, session after session.
        $balls = array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.3 + 0.5 + 0.05 * (($i % 5) - 2),
                3.0,
                session: sprintf('S%d', $i % 10),
                isAtHole: true,
            ),
            range(1, 60),
        );
        $notes = self::notes($balls);
        self::assertStringContainsString('Balls finish beyond', $notes['pace.target']->seen);
        self::assertArrayNotHasKey(
            'pace.target',
            self::notes(
                array_map(
                    static fn(int $i): RolledBall => BallFixtures::one(
                        3.3 + 0.05 * (($i % 5) - 2),
                        3.0,
                        isAtHole: true,
                    ),
                    range(1, 20),
                ),
            ),
        );
    }

    public function testOneCureIsGivenAndOnlyTheOneHeldForTheStudent(): void
    {
        $balls = BallFixtures::practice(80, ['faceBias' => 0.024], 6);
        $turn = (string) self::notes($balls, cure: LineCure::Turn)['start.side']->try;
        $face = (string) self::notes($balls, cure: LineCure::Face)['start.side']->try;
        $open = (string) self::notes($balls)['start.side']->try;
        self::assertMatchesRegularExpression('/^Turn the whole stroke \d\.\d° left\.$/', $turn);
        self::assertMatchesRegularExpression(
            '/^The face alone, \d\.\d° left: against a push the toe passes the heel\.$/',
            $face,
        );
        self::assertStringContainsString('Choose one cure', $open);
        $aim = self::notes(BallFixtures::practice(80, ['aimBias' => 0.024], 6), cure: LineCure::Turn)['start.side'];
        self::assertStringContainsString('mostly aim', (string) $aim->try);
    }

    public function testAPushIsToTheOtherSideForALeftHander(): void
    {
        $try = static fn(float $faceBias, Hand $hand): string => (string) self::notes(
            BallFixtures::practice(80, ['faceBias' => $faceBias], 6),
            cure: LineCure::Face,
            hand: $hand,
        )['start.side']->try;
        self::assertStringContainsString('push the toe passes', $try(0.024, Hand::Right));
        self::assertStringContainsString('pull the heel leads', $try(0.024, Hand::Left));
        self::assertStringContainsString('pull the heel leads', $try(-0.024, Hand::Right));
        self::assertStringContainsString('push the toe passes', $try(-0.024, Hand::Left));
    }

    public function testACompensationIsNamedInsteadOfTheSideThatIsLeft(): void
    {
        $notes = self::notes(BallFixtures::practice(120, ['aimBias' => -0.04, 'faceBias' => 0.06], 14));
        self::assertArrayHasKey('start.side', $notes);
        self::assertSame(['start.side'], $notes['start.compensation']->instead);
    }

    public function testMissesOnOneSideOnlyAreSaidWithoutAnAngle(): void
    {
        $balls = array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.0,
                3.0,
                ['gate' => $i % 2 === 0 ? 'right' : 'through'],
                gate: 0.06,
            ),
            range(1, 24),
        );
        $note = self::notes($balls)['start.side'];
        self::assertSame(
            'Of 24 balls 12 started right and 0 left. The angle shows once some miss on both sides.',
            $note->evidence,
        );
        self::assertArrayNotHasKey('start.side', self::notes(array_slice($balls, 0, 10)));
    }

    public function testPreferencesSayTheirOwnWayOfMendingUnevenBackstrokes(): void
    {
        $balls = BallFixtures::practice(80, ['backstrokeScatter' => 0.16], 8);
        $try = static fn(BackstrokeCue $school): string => (string) self::notes($balls, school: $school)[
            'stroke.uneven_back'
        ]->try;
        self::assertStringContainsString('trail shoe', $try(BackstrokeCue::Foot));
        self::assertStringContainsString('rule', $try(BackstrokeCue::Rule));
        self::assertStringContainsString('eyes', $try(BackstrokeCue::Eye));
    }

    public function testShortBallsSayNothingOfTheRead(): void
    {
        $low = static fn(float $roll): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one($roll, 3.0, ['high_low' => 'low'], across: 2.0),
            range(1, 12),
        );
        self::assertArrayHasKey('read.low', self::notes($low(3.2)));
        self::assertArrayNotHasKey('read.low', self::notes($low(2.4)));
    }

    public function testHighAndWellPastIsPaceAndNotTheRead(): void
    {
        $high = static fn(float $roll): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one($roll, 3.0, ['high_low' => 'high'], across: 2.0),
            range(1, 12),
        );
        self::assertStringContainsString('Keep the read', (string) self::notes($high(3.9))['read.pace']->try);
        self::assertArrayNotHasKey('read.pace', self::notes($high(3.1)));
    }

    public function testGoodStartsThatDoNotDropPointElsewhere(): void
    {
        $missed = static fn(int $dropped): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.6,
                3.0,
                ['gate' => 'through'],
                stop: $i <= $dropped ? Stop::Holed : Stop::Free,
                isAtHole: true,
                gate: 0.055,
            ),
            range(1, 16),
        );
        self::assertStringContainsString(
            'Leave the start line alone',
            (string) self::notes($missed(1))['start.through_missed']->try,
        );
        self::assertArrayNotHasKey('start.through_missed', self::notes($missed(6)));
    }

    public function testAHeldFinishThatMattersIsSaid(): void
    {
        $ball = static fn(bool $held, bool $inside): RolledBall => BallFixtures::one($inside ? 3.0 : 4.0, 3.0, [
            'held' => $held,
        ]);
        $balls = static fn(int $without): array => [
            ...array_map(static fn(int $i): RolledBall => $ball(true, $i <= 13), range(1, 14)),
            ...array_map(static fn(int $i): RolledBall => $ball(false, $i <= $without), range(1, 14)),
        ];
        self::assertStringContainsString(
            '13 of 14 with, 3 of 14 without',
            self::notes($balls(3))['routine.held']->evidence,
        );
        self::assertArrayNotHasKey('routine.held', self::notes($balls(10)));
    }

    public function testAGateStepsByItsRuleAndABallLimitEnds(): void
    {
        $gated = static fn(int $through): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.0,
                3.0,
                ['gate' => $i <= $through ? 'through' : ($i % 2 === 0 ? 'left' : 'right')],
                gate: 0.08,
            ),
            range(1, 10),
        );
        self::assertStringContainsString('tighter', self::notes($gated(8))['gate.due']->seen);
        self::assertStringContainsString('wider', self::notes($gated(5))['gate.due']->seen);
        self::assertArrayNotHasKey('gate.due', self::notes($gated(7)));
        self::assertArrayNotHasKey('gate.due', self::notes(array_slice($gated(9), 0, 9)));
        $same = static fn(int $n): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(3.0 + 0.1 * (($i % 3) - 1)),
            range(1, $n),
        );
        self::assertStringContainsString('16 balls in a row', self::notes($same(16))['dose.past']->seen);
        self::assertArrayNotHasKey('dose.past', self::notes($same(15)));
    }

    public function testANewPutterIsNamedBeforeTheStroke(): void
    {
        $before = BallFixtures::practice(40, [], 9, 'before');
        $since = BallFixtures::practice(40, ['faceBias' => 0.03], 10, 'since');
        $changeMarkers = ChangeMarker::all([
            new Visit('before', 0, null, putters: ['Blade']),
            new Visit('since', $since[0]->atMilliseconds, null, putters: ['Mallet']),
        ]);
        $note = self::notes([...$before, ...$since], $changeMarkers)['change.stile'];
        self::assertStringContainsString('other putter: Mallet', $note->seen);
        self::assertSame(['start.side'], $note->instead);
        self::assertArrayNotHasKey(
            'change.stile',
            self::notes([...$before, ...BallFixtures::practice(40, [], 12, 'since')], $changeMarkers),
        );
        self::assertArrayNotHasKey('change.stile', self::notes([...$before, ...$since]));
    }

    public function testThreePuttsFromWhereTheyShouldNotComeAreSaidOverRounds(): void
    {
        $round = static fn(int $threes): PlayedRound => new PlayedRound(
            array_map(static fn(int $i): Hole => Hole::of(Length::ofMetres(5.0), $i <= $threes ? 3 : 2), range(1, 18)),
            false,
        );
        $balls = [BallFixtures::one()];
        $look = static fn(PlayedRound ...$rounds): RoundReport => RoundReport::of(
            array_values($rounds),
            Length::ofMetres(6.0),
        );
        self::assertArrayHasKey('play.three_putts', self::notes($balls, play: $look($round(2), $round(1))));
        self::assertArrayNotHasKey('play.three_putts', self::notes($balls, play: $look($round(3))));
        self::assertArrayNotHasKey('play.three_putts', self::notes($balls, play: $look($round(1), $round(1))));
        self::assertArrayNotHasKey(
            'play.three_putts',
            self::notes($balls, play: RoundReport::of([$round(3), $round(3)], null)),
        );
    }

    public function testTheBallsMayClearWhatTheStudentCameFor(): void
    {
        $keys = static function (array $changes, Complaint $complaint): array {
            $asked = BallFixtures::asked(BallFixtures::practice(120, $changes, 21));
            $fit = (new StrokeFitter())->fit([]);
            $facts = new InsightFacts(
                fit: $fit,
                method: MeasurementMethod::Ramp,
                reading: null,
                strokeToday: null,
                today: null,
                ballsToday: 0,
                leftOut: [],
                school: BackstrokeCue::Rule,
                tries: null,
                lately: $asked,
                session: $asked,
                path: $asked,
                complaint: $complaint,
            );

            return array_values(
                array_filter(
                    array_map(static fn($rule): ?string => $rule->note($facts)?->key, Rules::all()),
                    static fn(?string $key): bool => $key === 'complaint.against',
                ),
            );
        };
        $steady = ['strikeScatter' => 0.05, 'backstrokeScatter' => 0.03, 'lineSpread' => 0.018];
        self::assertCount(1, $keys($steady, Complaint::Pace));
        self::assertCount(1, $keys($steady, Complaint::StartLine));
        self::assertCount(1, $keys(['readScatter' => 0.5] + $steady, Complaint::Read));
        self::assertSame([], $keys(['lengthBias' => 0.1] + $steady, Complaint::Pace));
        self::assertSame([], $keys(['faceBias' => 0.02] + $steady, Complaint::StartLine));
        self::assertSame([], $keys(['readShare' => 0.5] + $steady, Complaint::Read));
        self::assertSame([], $keys(['strikeScatter' => 0.2], Complaint::Pace));
        self::assertSame([], $keys(['lineSpread' => 0.05] + $steady, Complaint::StartLine));
    }

    public function testManyMissesOnOneSideAreASideAndNoScatter(): void
    {
        $gated = static fn(int $left, int $right): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.0,
                3.0,
                ['gate' => $i < 4 ? 'through' : ($i < 4 + $left ? 'left' : 'right')],
                gate: BallFixtures::GATE,
            ),
            range(0, 3 + $left + $right),
        );
        self::assertArrayHasKey('start.scatter', self::notes($gated(14, 14)));
        self::assertArrayNotHasKey('start.scatter', self::notes($gated(5, 30)));
    }

    public function testATempoThatDriftsWithLengthIsNamedAndChanceIsNot(): void
    {
        $balls = [BallFixtures::one(), BallFixtures::one()];
        $taps = static fn(float $exponent, float $noise): array => array_map(
            static fn(int $i): MadeAttempt => CheckFixtures::try('tempo', [
                'length_m' => 1.5 * (($i % 4) + 1),
                'bpm' => (int) round(76 * (1.5 * (($i % 4) + 1)) ** $exponent * (1.0 + $noise * (($i % 3) - 1))),
            ]),
            range(0, 11),
        );
        $note = self::notes($balls, tries: $taps(0.12, 0.01))['stroke.tempo_drift'];
        self::assertSame('The tempo is quicker on longer putts.', $note->seen);
        self::assertStringContainsString('12 taps', $note->evidence);
        self::assertStringContainsString(
            'slower',
            self::notes($balls, tries: $taps(-0.12, 0.01))['stroke.tempo_drift']->seen,
        );
        self::assertStringContainsString(
            'eyes on the target',
            (string) self::notes($balls, school: BackstrokeCue::Eye, tries: $taps(0.12, 0.01))['stroke.tempo_drift']
                ->try,
        );
        // Clear, but too little for a roll to show.
        self::assertArrayNotHasKey('stroke.tempo_drift', self::notes($balls, tries: $taps(0.03, 0.0)));
        self::assertArrayNotHasKey('stroke.tempo_drift', self::notes($balls, tries: $taps(0.08, 0.15)));
    }

    public function testTheLineOnTheBallReachesFurtherAsStartsAllowAndLessFarWhereTheyDoNot(): void
    {
        $rolled = static fn(int $through, int $n, float $target, string $with = 'line'): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                $target,
                $target,
                ['aligned' => $with, 'gate' => $i <= $through ? 'through' : 'left'],
                gate: BallFixtures::GATE,
            ),
            range(1, $n),
        );
        $further = self::notes($rolled(8, 10, 2.8), markTo: 3.0)['mark.reach'];
        self::assertSame('8 of the last 10 near that length came through.', $further->evidence);
        self::assertSame('Set it up to {3.600 m} on the profile, and use a spot beyond.', $further->try);
        self::assertSame(10, count($further->balls));
        self::assertSame(
            'Set it up to {2.500 m} on the profile, and use a spot beyond.',
            self::notes($rolled(5, 10, 2.8), markTo: 3.0)['mark.reach']->try,
        );
        foreach (
            [
                'between' => [$rolled(7, 10, 2.8), 3.0],
                'few' => [$rolled(9, 9, 2.8), 3.0],
                'nobody said how far' => [$rolled(10, 10, 2.8), null],
                'by a spot' => [$rolled(10, 10, 2.8, 'spot'), 3.0],
                'much nearer' => [$rolled(10, 10, 2.0), 3.0],
                'beyond' => [$rolled(10, 10, 3.3), 3.0],
            ]
            as $case => [$balls, $reach]
        ) {
            self::assertArrayNotHasKey('mark.reach', self::notes($balls, markTo: $reach), $case);
        }
    }

    public function testAGripThatTightensIsNamedOnlyWhereDistancesScatter(): void
    {
        $grip = static fn(int $rise): array => array_map(
            static fn(int $i): MadeAttempt => CheckFixtures::try('grip_pressure', [
                'address' => 4 + ($i % 2),
                'impact' => 4 + ($i % 2) + $rise,
            ]),
            range(1, 8),
        );
        $balls = static fn(float $spread): array => array_map(
            static fn(int $i): RolledBall => BallFixtures::one(3.0 * (1.0 + $spread * (($i % 5) - 2))),
            range(1, 60),
        );
        self::assertStringContainsString(
            '2.0 tighter',
            self::notes($balls(0.18), tries: $grip(2))['stroke.grip']->evidence,
        );
        self::assertArrayNotHasKey('stroke.grip', self::notes($balls(0.05), tries: $grip(2)));
        self::assertArrayNotHasKey('stroke.grip', self::notes($balls(0.18), tries: $grip(0)));
        self::assertArrayNotHasKey('stroke.grip', self::notes($balls(0.18), tries: $grip(-2)));
    }

    public function testWhatIsAdvisedForLowPuttsFollowsThePreference(): void
    {
        $balls = array_map(
            static fn(int $i): RolledBall => BallFixtures::one(
                3.2,
                3.0,
                ['high_low' => 'low', 'hit' => false],
                across: 2.0,
                isAtHole: true,
            ),
            range(1, 20),
        );
        $try = static fn(string $answer): string => (string) self::notes($balls, schools: ['over_read' => $answer])[
            'read.low'
        ]->try;
        self::assertStringContainsString('Read more break', $try('exact'));
        self::assertStringContainsString('more break', $try('more'));
        self::assertStringContainsString('test putts', $try('tests'));
    }

    /**
     * However clear they are, fewer balls are no habit.
     *
     * @param \Closure(int): list<RolledBall> $balls so many of them
     */
    #[DataProvider('fewest')]
    public function testAHabitIsToldFromSoManyBallsOn(string $key, int $from, \Closure $balls): void
    {
        self::assertArrayHasKey($key, self::notes($balls($from)));
        self::assertArrayNotHasKey($key, self::notes($balls($from - 1)));
    }

    /** @return iterable<string, array{string, int, \Closure(int): list<RolledBall>}> */
    public static function fewest(): iterable
    {
        $of = static fn(\Closure $one): \Closure => static fn(int $n): array => array_map($one, range(1, $n));
        $near = static fn(int $i): float => 1.0 + 0.005 * (($i % 3) - 1);
        yield 'short of what is meant' => [
            'pace.habit',
            12,
            $of(static fn(int $i): RolledBall => BallFixtures::one(0.8 * $near($i) * 3.0, 3.0)),
        ];
        yield 'far from the run-out' => [
            'pace.target',
            12,
            $of(
                static fn(int $i): RolledBall => BallFixtures::one(
                    3.3 + 0.7 + 0.02 * (($i % 3) - 1),
                    3.0,
                    isAtHole: true,
                ),
            ),
        ];
        yield 'long ones against short ones' => [
            'pace.lengths',
            5,
            static fn(int $n): array => [
                ...array_map(static fn(int $i): RolledBall => BallFixtures::one(2.0 * $near($i), 2.0), range(1, 10)),
                ...array_map(
                    static fn(int $i): RolledBall => BallFixtures::one(0.7 * 8.0 * $near($i), 8.0),
                    range(1, $n),
                ),
            ],
        ];
        yield 'high and past' => [
            'read.pace',
            9,
            $of(static fn(int $i): RolledBall => BallFixtures::one(3.9, 3.0, ['high_low' => 'high'], across: 2.0)),
        ];
        yield 'through and not in' => [
            'start.through_missed',
            9,
            $of(
                static fn(int $i): RolledBall => BallFixtures::one(
                    3.6,
                    3.0,
                    ['gate' => 'through'],
                    isAtHole: true,
                    gate: 0.055,
                ),
            ),
        ];
        yield 'low' => [
            'read.low',
            9,
            $of(static fn(int $i): RolledBall => BallFixtures::one(3.2, 3.0, ['high_low' => 'low'], across: 2.0)),
        ];
        yield 'held or not' => [
            'routine.held',
            8,
            static fn(int $n): array => [
                ...array_map(
                    static fn(int $i): RolledBall => BallFixtures::one(3.0, 3.0, ['held' => true]),
                    range(1, 40),
                ),
                ...array_map(
                    static fn(int $i): RolledBall => BallFixtures::one(4.5, 3.0, ['held' => false]),
                    range(1, $n),
                ),
            ],
        ];
    }

    public function testOnlyLengthsThatLeanTheSameWayAreCountedAsAgreeing(): void
    {
        $balls = static fn(float ...$shares): array => array_merge(
            ...array_map(
                static fn(float $share, float $length): array => array_map(
                    static fn(int $i): RolledBall => BallFixtures::one(
                        $share * $length * (1.0 + 0.01 * (($i % 3) - 1)),
                        $length,
                    ),
                    range(1, 12),
                ),
                $shares,
                array_slice([2.0, 4.0, 8.0], 0, count($shares)),
            ),
        );
        self::assertStringEndsWith('at each of 3 lengths.', self::notes($balls(0.8, 0.8, 0.8))['pace.habit']->seen);
        self::assertStringEndsWith('at each of 2 lengths.', self::notes($balls(0.7, 0.7, 1.02))['pace.habit']->seen);
        $one = self::notes($balls(0.8))['pace.habit'];
        self::assertStringNotContainsString('alike', $one->seen);
        self::assertStringContainsString('A longer backstroke', (string) $one->try);
        $long = self::notes($balls(1.25, 1.25))['pace.habit'];
        self::assertStringContainsString('may roll 1.2', (string) $long->try);
        self::assertStringContainsString('A shorter backstroke', (string) $long->otherWay);
        self::assertStringContainsString(
            'Long putts finish longer',
            self::notes($balls(0.98, 1.02, 1.3))['pace.lengths']->seen,
        );
    }

    /** Six of either kind at the least, and a fifth more of the later ones inside. */
    public function testFirstTriesThatFinishFurtherOffAreSaid(): void
    {
        $note = static function (int $firstInside, int $first, int $laterInside, int $later): ?Insight {
            $tries = static fn(int $attempt, int $inside, int $n): array => array_map(
                static fn(int $i): RolledBall => BallFixtures::one($i <= $inside ? 3.1 : 4.0, 3.0, attempt: $attempt),
                range(1, $n),
            );
            $facts = new InsightFacts(
                fit: (new StrokeFitter())->fit([]),
                method: MeasurementMethod::Ramp,
                reading: null,
                strokeToday: null,
                today: null,
                ballsToday: 0,
                leftOut: [],
                school: BackstrokeCue::Rule,
                tries: FirstAttempts::of(
                    [...$tries(1, $firstInside, $first), ...$tries(2, $laterInside, $later)],
                    Surface::Grass,
                ),
            );

            return array_values(
                array_filter(
                    array_map(static fn($rule): ?Insight => $rule->note($facts), Rules::all()),
                    static fn(?Insight $note): bool => $note?->key === 'pace.first_tries',
                ),
            )[0] ?? null;
        };
        self::assertSame(
            'Within 10 % of the length: 2 of 6 first attempts, 5 of 6 later ones.',
            $note(2, 6, 5, 6)?->evidence,
        );
        self::assertNotNull($note(6, 10, 8, 10));
        foreach ([[6, 10, 7, 10], [1, 5, 6, 6], [1, 6, 5, 5], [8, 10, 6, 10]] as $counts) {
            self::assertNull($note(...$counts));
        }
        self::assertSame(0.3, $note(2, 6, 5, 6)->sureness);
        self::assertSame(1.0, $note(8, 40, 30, 40)?->sureness);
    }

    public function testNoHabitIsToldWithoutBalls(): void
    {
        self::assertSame([], array_keys(self::notes([])));
        $facts = new InsightFacts(
            fit: (new StrokeFitter())->fit([]),
            method: MeasurementMethod::Ramp,
            reading: null,
            strokeToday: null,
            today: null,
            ballsToday: 0,
            leftOut: [],
            school: BackstrokeCue::Rule,
            tries: null,
            lately: new BallSelection([], Surface::Grass, 0.3),
        );
        foreach (Rules::all() as $rule) {
            $note = $rule->note($facts);
            self::assertTrue($note === null || in_array($note->key, self::STATE, true));
        }
    }
}
