<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\Level\ShortenedDrill;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DoseTest extends TestCase
{
    /**
     * Whatever the dose, a drill that ships can be run within it, and takes no more than it did.
     *
     * @param array<string, mixed> $drill
     */
    #[DataProvider('library')]
    public function testADrillWithinABallLimitCanBeRunAndIsNeverLonger(array $drill): void
    {
        foreach ([1, 5, 12, 40, 500] as $balls) {
            foreach ([null, 1, 30] as $minutes) {
                $within = ShortenedDrill::within($drill, $balls, $minutes);
                DrillReader::read(
                    JsonInput::parse(json_encode($within, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
                );
                self::assertSame(array_diff_key($drill, ['cap' => 0]), array_diff_key($within, ['cap' => 0]));
                self::assertLessThanOrEqual($drill['cap']['balls'] ?? INF, $within['cap']['balls'] ?? INF);
                self::assertLessThanOrEqual($drill['cap']['minutes'] ?? INF, $within['cap']['minutes'] ?? INF);
            }
        }
        self::assertSame(
            min(500, $drill['cap']['balls'] ?? 500),
            ShortenedDrill::within($drill, 500, null)['cap']['balls'] ?? null,
        );
        self::assertSame($drill, ShortenedDrill::within($drill, null, null));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function library(): iterable
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        foreach ($library['drills'] as $drill) {
            yield (string) $drill['key'] => [$drill];
        }
    }
}
