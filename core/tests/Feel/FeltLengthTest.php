<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Feel;

use Amble\Core\Feel\FeltLength;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Numeric\SeededRandom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a student feels is found again in calls of balls whose true errors are known. */
final class FeltLengthTest extends TestCase
{
    private const WINDOW = 0.1;

    #[DataProvider('students')]
    public function testBiasAndSpreadOfTheFeelAreFoundWhateverTheBallsDo(
        float $bias,
        float $spread,
        float $rollsLong,
    ): void {
        $random = new SeededRandom(8);
        $calls = array_map(static function () use ($random, $bias, $spread, $rollsLong): array {
            $error = $rollsLong + 0.12 * $random->normal();

            return [LengthCall::of($error + $bias + $spread * $random->normal(), self::WINDOW), $error];
        }, range(1, 3_000));
        $felt = FeltLength::fit($calls, self::WINDOW);
        self::assertNotNull($felt);
        self::assertEqualsWithDelta([$bias, $spread], [$felt->mean, $felt->spread], 0.01);
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function students(): iterable
    {
        yield 'feels as it is' => [0.0, 0.06, 0.0];
        yield 'feels long' => [0.08, 0.06, 0.0];
        yield 'feels short' => [-0.08, 0.06, 0.0];
        yield 'rolls long, and knows it' => [0.0, 0.06, 0.15];
        yield 'rolls short, and feels it long' => [0.05, 0.1, -0.12];
    }

    public function testWithoutCallsNothingIsTold(): void
    {
        self::assertNull(FeltLength::fit([], self::WINDOW));
    }
}
