<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Session;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What comes in from a device is refused where no coach can have seen it, in the coach's own terms. */
final class ArrivalLimitsTest extends TestCase
{
    /** @param array<string, mixed> $fields */
    #[DataProvider('slips')]
    public function testASlipOfThePenIsToldAtItsField(array $fields, string $field, string $says): void
    {
        $event = $fields + [
            'id' => 'A',
            'type' => 'putt_logged',
            'version' => 2,
            'at_ms' => 1,
            'stop' => 'free',
            'roll_m' => 3,
        ];
        try {
            EventReader::arriving(
                JsonInput::fromArray(
                    array_filter($event, static fn(mixed $value): bool => $value !== null),
                    'events.0',
                ),
            );
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame("events.0.$field", $refused->field());
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function slips(): iterable
    {
        yield 'a backstroke of a mile' => [['backstroke_m' => 1600], 'backstroke_m', 'A backstroke is between'];
        yield 'a roll off the course' => [['roll_m' => 500], 'roll_m', 'A roll is between'];
        yield 'a run-on off the course' => [['stop' => 'edge', 'run_on_m' => 90], 'run_on_m', 'would have run on'];
        yield 'a target out of sight' => [['target_m' => 61], 'target_m', 'A target is between'];
        yield 'a cliff' => [['grade_percent' => 40], 'grade_percent', 'A slope is between'];
        yield 'a cliff to the side' => [['across_percent' => -40], 'across_percent', 'A slope across'];
        yield 'no word of why it stopped' => [['stop' => null], 'stop', 'missing'];
        yield 'a station out of sight' => [
            ['type' => 'station_set', 'version' => 1, 'station_id' => 'a', 'said' => 'far', 'length_m' => 61],
            'length_m',
            'A station is between',
        ];
        yield 'something nobody can see' => [['seen' => (object) ['aura' => 'green']], 'seen.aura', 'does not exist'];
        yield 'more looks than anybody has' => [['seen' => (object) ['looks' => 21]], 'seen.looks', '0 to 20'];
        yield 'an offset off the green' => [['seen' => (object) ['side_m' => 31]], 'seen.side_m', '-30 to 30'];
        yield 'a kind yet to come' => [['type' => 'drone_flown'], 'type', 'one of'];
        yield 'a version yet to come' => [['version' => 3], 'version', 'from 1 to 2'];
    }
}
