<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Review;

use Amble\Core\Change\FindingChange;
use Amble\Core\Contract\FindingShape;
use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Green\Surface;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Insights;
use Amble\Core\Insight\Rules;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallFilter;
use Amble\Core\Review\MeasureReport;
use Amble\Core\Review\ReviewQuestion;
use Amble\Core\Review\SlopeClass;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\Stop;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Student\BackstrokeCue;
use PHPUnit\Framework\TestCase;

/** What holds of every look and every margin, whatever was rolled and seen. */
final class MeasurePropertiesTest extends TestCase
{
    private const CASES = 60;

    /** @return list<RolledBall> balls as wild as a log may hold them */
    public static function wild(SeededRandom $random): array
    {
        $one = static fn(mixed ...$choices): mixed => $choices[(int) (count($choices) * $random->uniform())];
        $maybe = static fn(mixed $value): mixed => $random->uniform() < 0.6 ? $value : null;
        $balls = [];
        for ($i = (int) (50 * $random->uniform()); $i > 0; --$i) {
            $target = $maybe(0.3 + 12.0 * $random->uniform());
            $stop = $one(Stop::Free, Stop::Free, Stop::Free, Stop::Holed, Stop::Edge, Stop::Unseen);
            $balls[] = BallFixtures::one(
                $stop === Stop::Unseen || ($stop === Stop::Holed && $random->uniform() < 0.5)
                    ? null
                    : ($target ?? 3.0) * (0.2 + 1.6 * $random->uniform()),
                $target,
                array_filter(
                    [
                        'gate' => $maybe($one('left', 'through', 'right')),
                        'start' => $maybe($one('left', 'on', 'right')),
                        'call' => $maybe($one('short', 'on', 'long')),
                        'high_low' => $maybe($one('high', 'low')),
                        'read_amount_m' => $maybe($random->uniform()),
                        'aim_offset_m' => $maybe($random->uniform() - 0.5),
                        'side_m' => $maybe($random->uniform() - 0.5),
                        'held' => $maybe($random->uniform() < 0.5),
                        'doubt' => $maybe($random->uniform() < 0.5),
                        'read_side' => $maybe($one('left', 'straight', 'right')),
                        'higher_foot' => $maybe($one('left', 'even', 'right')),
                        'views_taken' => $maybe($one(1, 2, 3, 4)),
                        'aim_by' => $maybe($one('line', 'spot')),
                        'routine' => $maybe($random->uniform() < 0.5),
                    ],
                    static fn(mixed $answer): bool => $answer !== null,
                ),
                session: $one('A', 'B', 'C'),
                across: $one(0.0, 0.0, 2.0, -2.0),
                grade: $one(0.0, 2.0, -2.0),
                stop: $stop,
                isAtHole: $random->uniform() < 0.5,
                attempt: $one(1, 1, 2, 3),
                mark: $random->uniform() < 0.1 ? $one(...BallMark::cases()) : null,
                back: $maybe(0.05 + 0.4 * $random->uniform()),
                gate: $maybe($one(0.055, 0.08, 0.12)),
                drill: $maybe('gate'),
                putter: $maybe($one('Blade', 'Mallet')),
            );
        }

        return $balls;
    }

    private static function assertSound(Finding|FindingRow $figure, int $most, string $what): void
    {
        self::assertTrue($figure->value === null || is_finite($figure->value), $what);
        self::assertLessThanOrEqual($most, $figure->n, $what);
        if ($figure->value !== null && $figure->unit === FindingUnit::Share) {
            self::assertGreaterThanOrEqual(0.0, $figure->value, $what);
            self::assertLessThanOrEqual(1.0, $figure->value, $what);
        }
        if ($figure->value !== null && $figure->interval !== null) {
            self::assertGreaterThanOrEqual($figure->interval->low - 1e-9, $figure->value, $what);
            self::assertLessThanOrEqual($figure->interval->high + 1e-9, $figure->value, $what);
        }
    }

    public function testEveryFigureIsFiniteWithinItsRangeAndOfNoMoreBallsThanThereAre(): void
    {
        for ($seed = 1; $seed <= self::CASES; ++$seed) {
            $balls = self::wild(new SeededRandom($seed));
            $look = MeasureReport::of(BallFixtures::asked($balls), new BallFilter());
            self::assertSame(count($balls), $look->n);
            foreach ($look->answers as $question => $findings) {
                foreach ($findings as $key => $finding) {
                    self::assertSound($finding, 2 * count($balls), "$seed $question $key");
                    foreach ([...$finding->rows, ...array_filter([$finding->first])] as $row) {
                        self::assertSound($row, count($balls), "$seed $question $key $row->name");
                    }
                    self::assertNotSame('', $finding->sentence);
                    self::assertStringNotContainsString('NAN', strtoupper($finding->sentence));
                    self::assertJson(json_encode(FindingShape::toArray($key, $finding), JSON_THROW_ON_ERROR));
                }
            }
            self::assertSame(
                array_keys($look->answers),
                array_values(
                    array_intersect(
                        array_map(static fn(ReviewQuestion $each): string => $each->value, ReviewQuestion::cases()),
                        array_keys($look->answers),
                    ),
                ),
            );
        }
    }

    public function testWhatIsPickedApartComesToTheWhole(): void
    {
        for ($seed = 1; $seed <= self::CASES; ++$seed) {
            $asked = BallFixtures::asked(self::wild(new SeededRandom($seed)));
            $whole = MeasureReport::of($asked, new BallFilter());
            self::assertSame(
                count(array_filter($asked->balls(), static fn(RolledBall $ball): bool => $ball->ball->target !== null)),
                array_sum(array_column($whole->lengths, 1)),
            );
            self::assertSame(
                $whole->n,
                array_sum(
                    array_map(
                        static fn(SlopeClass $slope): int => MeasureReport::of($asked, new BallFilter(slope: $slope))
                            ->n,
                        SlopeClass::cases(),
                    ),
                ),
            );
            self::assertSame(
                $whole->n,
                array_sum(
                    array_map(
                        static fn(string $session): int => MeasureReport::of($asked, new BallFilter(session: $session))
                            ->n,
                        ['A', 'B', 'C'],
                    ),
                ),
            );
            foreach ($whole->putters as $putter => $n) {
                self::assertSame($n, MeasureReport::of($asked, new BallFilter(putter: $putter))->n);
            }
        }
    }

    public function testTheInsightsAreFewSayNothingTwiceAndRestOnWhatIsThere(): void
    {
        for ($seed = 1; $seed <= self::CASES; ++$seed) {
            $balls = self::wild(new SeededRandom($seed));
            $asked = BallFixtures::asked($balls);
            $fit = (new StrokeFitter())->fit(array_values((new ForStroke(Surface::Grass))->putts($balls)));
            $school = BackstrokeCue::cases()[$seed % count(BackstrokeCue::cases())];
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
            );
            $notes = Insights::of(Rules::all(), $facts, []);
            $keys = array_map(static fn(Insight $note): string => $note->key, $notes);
            self::assertLessThanOrEqual(Insights::MOST, count($notes));
            self::assertSame(array_unique($keys), $keys);
            $ids = array_flip(array_map(static fn(RolledBall $ball): string => $ball->id, $balls));
            foreach ($notes as $note) {
                self::assertSame([], array_intersect($note->instead, $keys), $note->key);
                self::assertTrue($note->school === null || $note->school === $school);
                foreach ($note->balls as $ball) {
                    self::assertArrayHasKey($ball->id, $ids);
                }
                foreach ([$note->cost, $note->sureness] as $share) {
                    self::assertTrue($share >= 0.0 && $share <= 1.0, "$note->key $share");
                }
            }
        }
    }

    public function testAFigureOfAnotherTimeIsToldInItsOwnUnit(): void
    {
        $figure = static fn(float $value): Finding => new Finding('', '', FindingUnit::Angle, $value, null, 12);
        self::assertSame('Last time 1.2° left, from 12.', FindingChange::sentence($figure(-1.2), $figure(0.4)));
    }
}
