<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Advice;

use Amble\Core\Advice\Note;
use Amble\Core\Advice\StrokeNotes;
use Amble\Core\Green\ReadingMethod;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Caution;
use Amble\Core\Session\Condition;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Tests\PropertyTestCase;

/** The margin speaks only with evidence, and says the pressing thing first. */
final class StrokeNotesTest extends PropertyTestCase
{
    private static function fit(int $n, bool $withOddBall = false): StrokeFit
    {
        $random = new SeededRandom(3);
        $putts = array_map(static function (int $i) use ($random) {
            $back = 0.15 + 0.02 * ($i % 10);

            return self::putt($back, 30.0 * $back ** 1.8 * exp(0.05 * $random->normal()));
        }, $n === 0 ? [] : range(1, $n));

        return (new StrokeFitter())->fit($withOddBall ? [...$putts, self::putt(0.3, 0.5)] : $putts);
    }

    /**
     * @param list<float>|null $today residuals of today's balls from the long-run line
     *
     * @return list<string> keys of the notes
     */
    private static function keys(StrokeFit $fit, ReadingMethod $method = ReadingMethod::Ramp, ?array $today = null, int $leftOut = 0): array
    {
        return array_map(static fn(Note $note): string => $note->key, self::notes($fit, $method, $today, $leftOut));
    }

    /**
     * @param list<float>|null $today
     *
     * @return list<Note>
     */
    private static function notes(StrokeFit $fit, ReadingMethod $method, ?array $today, int $leftOut = 0): array
    {
        $offset = $today === null || $today === [] ? null : SessionOffset::of($today, 0.08, 1.8);

        return StrokeNotes::of($fit, $method, 3.0, $offset, $leftOut);
    }

    public function testSilenceIsAGoodMargin(): void
    {
        self::assertSame([], self::keys(self::fit(20)));
        self::assertSame([], self::keys(self::fit(20), today: [0.02, -0.03, 0.01, 0.02, 0.0]));
    }

    public function testEachNoteComesWithItsEvidence(): void
    {
        self::assertSame(['stroke.none'], self::keys(self::fit(0)));
        self::assertSame(['stroke.provisional'], self::keys(self::fit(4)));
        self::assertSame(['stroke.speed_estimated'], self::keys(self::fit(20), ReadingMethod::Estimated));
        self::assertSame(['stroke.odd'], self::keys(self::fit(20, withOddBall: true)));
        self::assertSame(['stroke.left_out'], self::keys(self::fit(8), leftOut: 9));
        self::assertSame([], self::keys(self::fit(8), leftOut: 8));
    }

    public function testTooFewBallsTodaySayNothingAboutToday(): void
    {
        self::assertSame([], self::keys(self::fit(20), today: [-0.5, -0.5, -0.5]));
        self::assertSame(['stroke.offset'], self::keys(self::fit(20), today: [-0.3, -0.3, -0.3, -0.3]));
    }

    public function testAShortDayNamesTheGreenBeforeTheStrikeAndBothWays(): void
    {
        [$note] = self::notes(self::fit(20), ReadingMethod::Ramp, array_fill(0, 8, -0.2));
        self::assertStringContainsString('shorter', $note->seen);
        self::assertStringContainsString('8 balls, on average 18 % short', $note->evidence);
        self::assertStringStartsWith('Look at the green first', (string) $note->try);
        self::assertStringStartsWith('If the green is right', (string) $note->otherWay);
        [$long] = self::notes(self::fit(20), ReadingMethod::Ramp, array_fill(0, 8, 0.2));
        self::assertStringContainsString('further', $long->seen);
        self::assertStringContainsString('22 % long', $long->evidence);
    }

    public function testThePressingNoteComesFirst(): void
    {
        $keys = self::keys(self::fit(3), ReadingMethod::Unknown, leftOut: 10);
        self::assertSame(['stroke.speed_unknown', 'stroke.provisional', 'stroke.left_out'], $keys);
    }

    public function testOneBallIsABallAndNobodyIsBlamed(): void
    {
        $notes = [
            ...self::notes(self::fit(1), ReadingMethod::Estimated, null),
            ...self::notes(self::fit(20, withOddBall: true), ReadingMethod::Ramp, array_fill(0, 6, -0.3), 40),
        ];
        self::assertStringContainsString('1 ball so far', implode(' ', array_map(static fn(Note $n): string => $n->evidence, $notes)));
        foreach ($notes as $note) {
            foreach ([$note->seen, $note->evidence, (string) $note->try] as $sentence) {
                self::assertDoesNotMatchRegularExpression('/fail|bad|wrong|!|poor/i', $sentence);
                self::assertStringEndsWith('.', $sentence);
            }
        }
    }

    public function testCautionsFollowTheSurfaceAndTheDayWithTheStormFirst(): void
    {
        $grass = Caution::onArrival(isGrass: true, conditions: [Condition::Cold, Condition::Storm]);
        self::assertSame([Caution::Storm, Caution::Cold], array_slice($grass, 0, 2));
        self::assertContains(Caution::Stakes, $grass);
        $mat = Caution::onArrival(isGrass: false, conditions: []);
        self::assertNotContains(Caution::Stakes, $mat);
        self::assertNotContains(Caution::Swings, $mat);
        self::assertContains(Caution::Backs, $mat);
    }
}
