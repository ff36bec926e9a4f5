<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Review;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Reading\RollOrChip;
use Amble\Core\Review\WeakSide;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\SafetyNote;
use Amble\Core\Session\Stop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WeakSideTest extends TestCase
{
    /**
     * @param float $across rising to the right: it curves left
     *
     * @return list<RolledBall>
     */
    private static function balls(float $across, int $low, int $high, int $holed): array
    {
        $balls = [];
        foreach (['low' => $low, 'high' => $high] as $side => $n) {
            for ($i = 0; $i < $n; ++$i) {
                $balls[] = BallFixtures::one(3.2, 3.0, ['high_low' => $side], across: $across, isAtHole: true);
            }
        }
        for ($i = 0; $i < $holed; ++$i) {
            $balls[] = BallFixtures::one(null, 3.0, across: $across, stop: Stop::Holed, isAtHole: true);
        }

        return $balls;
    }

    public function testTheSideWithMoreLowMissesIsNamedWithItsCounts(): void
    {
        $feared = WeakSide::of(BallFixtures::asked([...self::balls(2.0, 6, 1, 1), ...self::balls(-2.0, 2, 2, 4)]));

        self::assertSame('left', $feared?->curving);
        self::assertSame(
            'Curving left, towards the feet: 2 of 8 were holed or missed high; the other way 6 of 8.',
            $feared->words,
        );
        self::assertSame(
            'right',
            WeakSide::of(BallFixtures::asked([...self::balls(2.0, 2, 2, 4), ...self::balls(-2.0, 6, 1, 1)]))?->curving,
        );
    }

    public function testFewBallsEvenSidesAndSpoiltPuttsNameNone(): void
    {
        self::assertSame(
            'left',
            WeakSide::of(BallFixtures::asked([...self::balls(2.0, 6, 0, 0), ...self::balls(-2.0, 0, 3, 3)]))?->curving,
        );
        self::assertNull(
            WeakSide::of(BallFixtures::asked([...self::balls(2.0, 6, 0, 0), ...self::balls(-2.0, 0, 3, 2)])),
        );
        self::assertNull(
            WeakSide::of(BallFixtures::asked([...self::balls(2.0, 5, 0, 0), ...self::balls(-2.0, 0, 4, 4)])),
        );
        self::assertNull(
            WeakSide::of(BallFixtures::asked([...self::balls(2.0, 3, 3, 0), ...self::balls(-2.0, 3, 3, 0)])),
        );
        $spoilt = array_map(
            static fn(): RolledBall => BallFixtures::one(
                3.2,
                3.0,
                ['high_low' => 'low'],
                across: 2.0,
                mark: BallMark::Bumps,
            ),
            range(1, 8),
        );
        self::assertNull(WeakSide::of(BallFixtures::asked([...$spoilt, ...self::balls(-2.0, 0, 4, 4)])));
    }

    #[DataProvider('lies')]
    public function testOffTheGreenTheSlopeDecidesFirst(
        string $advice,
        string $slope,
        string $lie,
        float $rough,
        float $room,
    ): void {
        $told = RollOrChip::of($slope, $lie, $rough, $room);

        self::assertSame($advice, $told->advice);
        self::assertNotSame([], $told->why);
        // A wedge is cautioned against where it is advised, and only there.
        self::assertSame($advice === 'chip' ? [SafetyNote::Wedges->value] : [], $told->cautions);
    }

    public function testWherePreferencesDifferTheStudentsDecides(): void
    {
        $told = static fn(string $school, string $slope, string $lie, float $rough): array => [
            ($one = RollOrChip::of($slope, $lie, $rough, 8.0, $school))->advice,
            $one->why[0],
        ];
        self::assertSame(
            ['chip', 'By your preference much longer grass is chipped over.'],
            $told('grass', 'falls', 'fringe', 2.0),
        );
        self::assertSame(
            ['roll', 'By your preference little longer grass is putted through.'],
            $told('grass', 'levels', 'fringe', 0.3),
        );
        self::assertSame(
            ['roll', 'By your preference the putter is used wherever it can be.'],
            $told('touch', 'levels', 'fringe', 3.0),
        );
        self::assertSame('chip', $told('touch', 'falls', 'rough', 0.3)[0]);
    }

    /** @return iterable<string, array{string, string, string, float, float}> */
    public static function lies(): iterable
    {
        yield 'room to run from rough' => ['chip', 'room', 'rough', 1.0, 8.0];
        yield 'falling away all along, even from rough' => ['roll', 'falls', 'rough', 2.0, 8.0];
        yield 'down, then level' => ['chip', 'levels', 'fringe', 0.3, 8.0];
        yield 'bare ground and little green' => ['roll', 'room', 'bare', 0.2, 2.0];
        yield 'fringe, little green: touch either way, the putter first' => ['roll', 'room', 'fringe', 0.2, 2.0];
        yield 'much rough before little green' => ['chip', 'room', 'fringe', 3.0, 2.0];
    }
}
