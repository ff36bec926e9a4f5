<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Reading;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Reading\PuttSituation;
use Amble\Core\Tests\PropertyTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

final class PuttSituationTest extends PropertyTestCase
{
    private const FEET = ['by' => 'feet', 'higher' => 'right', 'by_m' => 0.008, 'along_percent' => 1.0];

    /** @param array<string, mixed> $with */
    private static function told(array $with = []): PuttSituation
    {
        return PuttSituation::read(
            JsonInput::parse(
                json_encode(
                    $with + [
                        'length_m' => 5.0,
                        'speed_m' => 3.0,
                        'pace_m' => 0.3,
                        'slope' => ['by' => 'grades', 'along_percent' => -1.0, 'across_percent' => 2.0],
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            ),
        );
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('ends')]
    public function testTheEndsOfWhatCanBeSaidAreTaken(array $with): void
    {
        self::assertGreaterThan(0.0, self::told($with)->length->metres());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function ends(): iterable
    {
        yield 'the shortest putt' => [['length_m' => 0.1]];
        yield 'dying at the hole' => [['pace_m' => 0.0]];
        yield 'as far past as is read' => [['pace_m' => 30.0]];
        yield 'spent at the hole' => [['pace_point_m' => 0.0]];
        yield 'spent at once' => [['pace_point_m' => 4.9]];
        yield 'feet together' => [['slope' => ['stance_m' => 0.1] + self::FEET]];
        yield 'feet far apart' => [['slope' => ['stance_m' => 2.0] + self::FEET]];
        yield 'twelve o’clock' => [['slope' => ['by' => 'clock', 'hour' => 12.0, 'steep_percent' => 0.0]]];
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('beyond')]
    public function testBeyondThemItIsRefusedAtItsField(array $with, string $field): void
    {
        try {
            self::told($with);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($field, $refused->field());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function beyond(): iterable
    {
        yield 'no putt' => [['length_m' => 0.09], 'length_m'];
        yield 'out of sight' => [['length_m' => 1e4], 'length_m'];
        yield 'short of the hole' => [['pace_m' => -0.01], 'pace_m'];
        yield 'through the green' => [['pace_m' => 30.0 + 0.01], 'pace_m'];
        yield 'spent behind the hole' => [['pace_point_m' => -0.01], 'pace_point_m'];
        yield 'spent behind the ball' => [['pace_point_m' => 4.91], 'pace_point_m'];
        yield 'no stance' => [['slope' => ['stance_m' => 0.09] + self::FEET], 'slope.stance_m'];
        yield 'nobody’s stance' => [['slope' => ['stance_m' => 2.01] + self::FEET], 'slope.stance_m'];
        yield 'a foot below the ground' => [['slope' => ['by_m' => -0.01] + self::FEET], 'slope.by_m'];
        yield 'thirteen o’clock' => [
            ['slope' => ['by' => 'clock', 'hour' => 12.01, 'steep_percent' => 1.0]],
            'slope.hour',
        ];
        yield 'said in no known way' => [['slope' => ['by' => 'nose']], 'slope.by'];
        yield 'grain from nowhere' => [['grain' => ['worn' => 'middle']], 'grain.worn'];
    }

    /** 0.8 cm over 40 cm is 2 %; a wider stance makes the same step of the feet a lesser slope. */
    public function testFeetTellASlopeOverTheWidthBetweenThem(): void
    {
        $across = static fn(array $feet): float => self::told([
            'slope' => $feet + self::FEET,
        ])->surface->across->percent();
        self::assertEqualsWithDelta(2.0, $across([]), 1e-9);
        self::assertEqualsWithDelta(-2.0, $across(['higher' => 'left']), 1e-9);
        self::assertEqualsWithDelta(1.0, $across(['stance_m' => 0.8]), 1e-9);
        // Even, whatever was left standing in the field.
        self::assertEqualsWithDelta(0.0, $across(['higher' => 'even', 'by_m' => 0.3]), 1e-9);
    }

    public function testWhatIsKeptOfAPuttIsTheSamePutt(): void
    {
        $this->forAll(
            self::between(0.2, 20.0),
            self::between(-6.0, 6.0),
            self::between(-6.0, 6.0),
            self::between(0.0, 3.0),
        )->then(static function (float $length, float $along, float $across, float $pace): void {
            $said = self::told([
                'length_m' => $length,
                'pace_m' => $pace,
                'slope' => ['by' => 'grades', 'along_percent' => $along, 'across_percent' => $across],
                'tier' => ['height_m' => 0.2, 'run_m' => 1.0, 'start_m' => 1.0],
                'grain' => ['worn' => 'left', 'strength' => 0.05],
            ])->said();
            $again = self::told($said)->said();
            foreach (['length_m', 'pace_m', 'speed_m'] as $field) {
                self::assertEqualsWithDelta($said[$field], $again[$field], 1e-9);
            }
            self::assertEqualsWithDelta($said['slope']['along_percent'], $again['slope']['along_percent'], 1e-9);
            self::assertEqualsWithDelta($said['slope']['across_percent'], $again['slope']['across_percent'], 1e-9);
            self::assertSame([$said['tier'], $said['grain']], [$again['tier'], $again['grain']]);
        });
    }

    public function testOnlyGradesCanHaveComeFromADevice(): void
    {
        $level = [
            'by' => 'grades',
            'along_percent' => 1.0,
            'across_percent' => 1.0,
            'measured_by' => 'A simulated level',
        ];
        self::assertSame('A simulated level', self::told(['slope' => $level])->slopeBy);
        self::assertNull(self::told(['slope' => ['measured_by' => 'A simulated level'] + self::FEET])->slopeBy);
        self::assertNull(self::told()->slopeBy);
    }
}
