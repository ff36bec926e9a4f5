<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Review;

use Amble\Core\Contract\FindingShape;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Report\Finding;
use Amble\Core\Report\TrendPoint;
use Amble\Core\Review\BallFilter;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\MeasureComparison;
use Amble\Core\Review\MeasureReport;
use Amble\Core\Review\PreparedSession;
use Amble\Core\Review\PreparedSessions;
use Amble\Core\Review\ReviewQuestion;
use Amble\Core\Review\Trend;
use Amble\Core\Student\Hand;
use PHPUnit\Framework\TestCase;

/** Answers put together from sessions that were prepared and kept are those that all of the balls give. */
final class PreparedSessionTest extends TestCase
{
    private const CASES = 40;

    /** What is prepared of a fixed session, as text: by this the version was counted last. */
    private const FIXED = '1db47e1f7001d4331b6fbd47976be225';

    /** @var list<string> ids of sessions whose balls were read */
    private array $read = [];

    /** @param list<RolledBall> $balls */
    private function prepared(array $balls, BallSelection $whole): BallSelection
    {
        $sessions = [];
        foreach ($whole->bySession() as $id => $session) {
            $sessions[] = PreparedSession::restored($id, PreparedSession::of($id, $session)->kept());
        }

        return $whole->ofSessions(
            new PreparedSessions($sessions, function (array $ids) use ($balls): array {
                $this->read = [...$this->read, ...$ids];

                return array_values(
                    array_filter($balls, static fn(RolledBall $ball): bool => in_array($ball->sessionId, $ids, true)),
                );
            }),
        );
    }

    /** @return list<RolledBall> as wild as a log may hold them, in sessions that follow one another */
    private static function wild(int $seed): array
    {
        $balls = [...MeasurePropertiesTest::wild(new SeededRandom($seed)), ...BallFixtures::practice(25, seed: $seed)];
        $order = ['A' => 0, 'B' => 1, 'C' => 2, 'S' => 3];
        usort(
            $balls,
            static fn(RolledBall $a, RolledBall $b): int => [$order[$a->sessionId], $a->atMilliseconds] <=> [
                $order[$b->sessionId],
                $b->atMilliseconds,
            ],
        );

        return $balls;
    }

    private static function assertAlike(mixed $expected, mixed $actual, string $what): void
    {
        if (is_array($expected) && is_array($actual)) {
            self::assertSame(array_keys($expected), array_keys($actual), $what);
            foreach ($expected as $key => $value) {
                self::assertAlike($value, $actual[$key], "$what.$key");
            }
        } elseif (is_float($expected) && is_float($actual)) {
            self::assertEqualsWithDelta($expected, $actual, 1e-9 * max(1.0, abs($expected)), $what);
        } else {
            self::assertSame($expected, $actual, $what);
        }
    }

    /** @return array<string, mixed> everything a report tells, as plain values */
    private static function report(MeasureReport $report): array
    {
        return [
            $report->n,
            $report->lengths,
            $report->slopes,
            $report->drills,
            $report->putters,
            $report->tempos,
            $report->parts,
            array_map(static fn(array $answers): array => self::findings($answers), $report->answers),
            array_map(static fn(RolledBall $ball): string => $ball->id, $report->balls),
        ];
    }

    /**
     * @param array<string, Finding|null> $findings
     *
     * @return array<string, array<string, mixed>|null>
     */
    private static function findings(array $findings): array
    {
        $shown = [];
        foreach ($findings as $key => $finding) {
            $shown[$key] = $finding === null ? null : FindingShape::toArray((string) $key, $finding);
        }

        return $shown;
    }

    public function testAReportATrendAndAComparisonAreThoseOfAllBalls(): void
    {
        for ($seed = 1; $seed <= self::CASES; ++$seed) {
            $balls = self::wild($seed);
            $hand = $seed % 3 === 0 ? Hand::Left : Hand::Right;
            $whole = new BallSelection($balls, Surface::Grass, $seed % 4 === 0 ? 0.0 : 0.3, $hand);
            $kept = $this->prepared($balls, $whole);
            foreach (
                [
                    new BallFilter(),
                    new BallFilter(session: 'B'),
                    new BallFilter(from: $balls[3]->atMilliseconds, to: $balls[20]->atMilliseconds),
                    new BallFilter(near: 3.0),
                ]
                as $filter
            ) {
                self::assertAlike(
                    self::report(MeasureReport::of($whole, $filter)),
                    self::report(MeasureReport::of($kept, $filter)),
                    (string) $seed,
                );
            }
            foreach (ReviewQuestion::drawn() as $key => $measure) {
                [$of, $from] = [
                    Trend::of($key, $measure, $whole->plain(), 2),
                    Trend::of($key, $measure, $kept->plain(), 2),
                ];
                self::assertSame($of?->sentence, $from?->sentence);
                $points = static fn(?Trend $trend): array => array_map(
                    static fn(TrendPoint $point): array => [
                        $point->sessionId,
                        $point->atMilliseconds,
                        $point->value,
                        $point->interval?->low,
                        $point->interval?->high,
                        $point->n,
                    ],
                    $trend->points ?? [],
                );
                self::assertAlike($points($of), $points($from), "$seed $key");
            }
            $rows = static fn(BallSelection $one): array => array_map(
                static fn(MeasureComparison $row): array => [$row->verdicts, self::findings($row->findings)],
                MeasureComparison::of([$one->plain(), (new BallFilter(session: 'S'))->of($one)->plain()]),
            );
            self::assertAlike($rows($whole), $rows($kept), (string) $seed);
        }
    }

    public function testWhatIsPreparedOfOrdinarySessionsAnswersWithoutTheirBalls(): void
    {
        $balls = [
            ...BallFixtures::practice(500, session: 'A'),
            ...BallFixtures::practice(300, seed: 2, session: 'B'),
            ...BallFixtures::practice(300, seed: 3, session: 'C'),
        ];
        $kept = $this->prepared($balls, BallFixtures::asked($balls));
        $report = MeasureReport::of($kept, new BallFilter());
        self::assertSame([1100, MeasureReport::MOST_DRAWN], [$report->n, count($report->balls)]);
        self::assertSame(['B', 'C'], array_values(array_unique($this->read)), 'only the balls that are drawn are read');
    }

    public function testAVersionIsCountedUpWhenWhatIsPreparedChanges(): void
    {
        $session = BallFixtures::asked([
            ...self::wild(7),
            BallFixtures::one(3.1, 3.0, ['back_s' => 0.7, 'looks' => 2, 'gate' => 'through'], gate: 0.08),
        ])->where(static fn(RolledBall $ball): bool => $ball->sessionId === 'S');
        $kept = PreparedSession::of('S', $session)->kept();
        // Times count through a run of the tests and tell nothing; nor do the last digits of a figure.
        $shown = (string) preg_replace_callback(
            '/-?\d+\.\d+(?:e-?\d+)?/i',
            static fn(array $figure): string => sprintf('%.7g', (float) $figure[0]),
            (string) preg_replace('/^\[(\d+),\d+,\d+\]/', '[$1]', $kept),
        );
        self::assertSame(
            [self::FIXED, 3],
            [md5($shown), PreparedSession::VERSION],
            'What is prepared has changed: count VERSION up, and put the new digest here.',
        );
    }
}
