<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Stroke;

use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Stroke\GreenOffset;
use Amble\Core\Stroke\ScatterSource;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Tests\PropertyTestCase;

final class OffsetsTest extends PropertyTestCase
{
    /**
     * @param list<float> $offsets log units, one session each
     *
     * @return list<list<StrokePutt>>
     */
    private static function sessions(SeededRandom $random, array $offsets, int $n, float $scatter = 0.08): array
    {
        return array_map(
            static fn(float $offset): array => array_map(static function () use (
                $random,
                $offset,
                $scatter,
            ): StrokePutt {
                $back = 0.12 + 0.3 * $random->uniform();

                return self::putt($back, 30.0 * $back ** 1.8 * exp($offset + $scatter * $random->normal()));
            }, range(1, $n)),
            $offsets,
        );
    }

    public function testTodayIsHeldAgainstEarlierSessionsWithTheirDaysInTheError(): void
    {
        $random = new SeededRandom(5);
        $earlier = self::sessions($random, [0.0, 0.0, 0.0, 0.0], 20);
        $today = self::sessions($random, [-0.4], 12)[0];
        $offset = SessionOffset::of($earlier, $today);
        self::assertNotNull($offset);
        self::assertSame([12, 4], [$offset->n, $offset->sessions]);
        self::assertEqualsWithDelta(-0.4, $offset->offset, 0.08);
        self::assertTrue($offset->isRemarkable());
        // Days that never differed still do not differ by less than the shipped share of it: (3·0 + 4·0.08²)/7.
        self::assertGreaterThanOrEqual(sqrt((4 * 0.08 ** 2) / 7) - 1e-9, $offset->dayToDay);
        self::assertGreaterThan($offset->dayToDay * sqrt(1.25), $offset->standardError);
        self::assertNear(($offset->offset * $offset->dayToDay ** 2) / $offset->standardError ** 2, $offset->believed);
        self::assertNear(3.0 * exp($offset->believed), $offset->effectiveSpeed(3.0));
        self::assertGreaterThan(1.0, $offset->backstrokeFactor());
        // Three balls are worth no remark, and sessions without balls are not counted.
        self::assertFalse(SessionOffset::of($earlier, array_slice($today, 0, 3))?->isRemarkable());
        self::assertSame(4, SessionOffset::of([[], ...$earlier, []], $today)?->sessions);
        self::assertNull(SessionOffset::of([], $today));
        self::assertNull(SessionOffset::of($earlier, []));
    }

    /** Tried in maths.md 3.6: 5 % of quiet days at the shipped day-to-day spread are remarked on. */
    public function testQuietDaysAreSeldomRemarkedOn(): void
    {
        $random = new SeededRandom(36);
        $remarked = 0;
        for ($i = 0; $i < 300; ++$i) {
            $days = array_map(static fn(): float => 0.08 * $random->normal(), range(1, 5));
            $sessions = self::sessions($random, $days, 12);
            $remarked +=
                SessionOffset::of(array_slice($sessions, 0, 4), $sessions[4])?->isRemarkable() === true ? 1 : 0;
        }
        self::assertLessThan(0.09, $remarked / 300);
        self::assertGreaterThan(0.01, $remarked / 300);
    }

    public function testSeveralStudentsShortTogetherPointAtTheGreen(): void
    {
        $random = new SeededRandom(7);
        $offsets = [];
        foreach ([0.07, 0.1, 0.13] as $scatter) {
            $sessions = self::sessions($random, [0.0, 0.0, 0.0, -0.18], 12, $scatter);
            $offset = SessionOffset::of(array_slice($sessions, 0, 3), $sessions[3]);
            assert($offset !== null);
            $offsets[] = $offset;
        }
        $pooled = GreenOffset::pool($offsets);
        self::assertSame(3, $pooled->students);
        self::assertTrue($pooled->isRemarkable());
        self::assertFalse(GreenOffset::pool([$offsets[0]])->isRemarkable());
        $weights = array_sum(
            array_map(static fn(SessionOffset $offset): float => 1.0 / $offset->standardError ** 2, $offsets),
        );
        self::assertNear(1.0 / sqrt($weights), $pooled->standardError, 1e-12);
        self::assertNear(
            array_sum(
                array_map(
                    static fn(SessionOffset $offset): float => $offset->offset / $offset->standardError ** 2,
                    $offsets,
                ),
            ) / $weights,
            $pooled->offset,
            1e-12,
        );
    }

    public function testTheScatterIsSharedOutBetweenBackstrokeAndStrikeWhateverTheGreenAndSlope(): void
    {
        $source = static function (float $back, float $strike, int $n = 300): ScatterSource {
            $random = new SeededRandom(8);
            $putts = [];
            for ($i = 0; $i < $n; ++$i) {
                // Targets, greens and slopes differ: what the line calls for differs with them.
                $logTarget = log([0.4, 0.8, 1.6, 2.5][$i % 4]);
                $backstroke = exp(($logTarget - log(30.0)) / 1.8 + $back * $random->normal());
                $putts[] = [
                    self::putt($backstroke, 3.0 * 30.0 * $backstroke ** 1.8 * exp($strike * $random->normal())),
                    $logTarget,
                ];
            }
            $source = ScatterSource::of($putts, log(30.0), 1.8);
            assert($source !== null);

            return $source;
        };
        $even = $source(0.05, 0.09);
        self::assertEqualsWithDelta(0.5, (float) $even->backstrokeShare(), 0.06);
        self::assertEqualsWithDelta((1.8 * 0.05) ** 2 + 0.09 ** 2, $even->total, 0.003);
        self::assertNear($even->total, $even->fromBackstroke + $even->fromStrike + $even->together);
        self::assertNull($even->isMostlyBackstroke());
        self::assertTrue($source(0.08, 0.01)->isMostlyBackstroke());
        self::assertFalse($source(0.01, 0.12)->isMostlyBackstroke());
        // Nineteen balls are not enough for a word.
        self::assertNull($source(0.08, 0.01, 19)->isMostlyBackstroke());
        self::assertTrue($source(0.08, 0.01, 20)->isMostlyBackstroke());
    }
}
