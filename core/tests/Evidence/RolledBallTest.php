<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Evidence;

use Amble\Core\Tests\Review\BallFixtures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RolledBallTest extends TestCase
{
    /** The low side is where the ground falls: left where it rises to the right. */
    #[DataProvider('sides')]
    public function testTheSideOfABreakingPuttIsAsNotedElseAsItLay(
        float $across,
        ?float $side,
        ?string $noted,
        ?string $stayed,
    ): void {
        self::assertSame(
            $stayed,
            BallFixtures::one(3.2, 3.0, ['side_m' => $side, 'high_low' => $noted], across: $across)->highOrLow(),
        );
    }

    /** @return iterable<string, array{float, float|null, string|null, string|null}> */
    public static function sides(): iterable
    {
        yield 'right of it where it rises right' => [2.0, 0.2, null, 'high'];
        yield 'left of it where it rises right' => [2.0, -0.2, null, 'low'];
        yield 'right of it where it falls right' => [-2.0, 0.2, null, 'low'];
        yield 'left of it where it falls right' => [-2.0, -0.2, null, 'high'];
        yield 'a centimetre is a side' => [0.5, 0.01, null, 'high'];
        yield 'on the line' => [2.0, 0.0, null, null];
        yield 'nobody looked' => [2.0, null, null, null];
        yield 'what was noted stands over where it lay' => [2.0, 0.2, 'low', 'low'];
        yield 'a putt that does not break has no sides' => [0.0, 0.2, 'low', null];
    }
}
