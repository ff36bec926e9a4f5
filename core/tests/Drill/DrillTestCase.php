<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Tests\PropertyTestCase;

/** Base of the drill tests: drills as JSON, and balls in a shorthand. */
abstract class DrillTestCase extends PropertyTestCase
{
    /**
     * A drill of two stations at 4 and 6 m, three balls each, a tenth of the length, with changes.
     *
     * @param array<string, mixed> $changes fields to set; null takes a field away
     *
     * @return array<string, mixed>
     */
    protected static function rules(array $changes = []): array
    {
        $rules = $changes + [
            'key' => 'test',
            'name' => 'Test',
            'stations' => [['length_m' => 4], ['length_m' => 6]],
            'target' => 'hole',
            'balls_per_station' => 3,
            'pass' => ['kind' => 'share'],
            'end' => ['kind' => 'all_stations'],
            'cap' => ['balls' => 40],
        ];

        return array_filter($rules, static fn(mixed $value): bool => $value !== null);
    }

    /** @param array<string, mixed> $changes */
    protected static function drill(array $changes = []): DrillRules
    {
        return DrillRulesReader::read(JsonInput::parse(json_encode(self::rules($changes), JSON_THROW_ON_ERROR)));
    }

    /** @param array<string, mixed> $changes */
    protected static function card(array $changes = []): Drill
    {
        return DrillReader::read(JsonInput::parse(json_encode(self::rules($changes), JSON_THROW_ON_ERROR)));
    }

    /**
     * One event: a ball rolled so far past its target (metres), or whatever the fields say.
     *
     * @param array<string, mixed> $fields
     */
    protected static function ball(int $number, float $roll, array $fields = []): SessionEvent
    {
        return EventReader::read(
            JsonInput::fromArray(
                $fields + [
                    'id' => sprintf('B%04d', $number),
                    'type' => 'putt_logged',
                    'at_ms' => 30_000 * $number,
                    'roll_m' => $roll,
                ],
            ),
        );
    }

    /**
     * Runs balls, each at its station's length with an error: o on, s short, l long, h holed.
     *
     * The length is asked of the drill itself, so orders need not be known here.
     *
     * @return array<string, mixed> the state as a shell would see it
     */
    protected static function after(DrillRules $drill, string $balls, int $seed = 1): array
    {
        $events = [];
        foreach ($balls === '' ? [] : str_split($balls) as $i => $kind) {
            $length = DrillRun::fold($drill, $events, $seed)->next->lengthMetres ?? 4.0;
            $events[] = match ($kind) {
                's' => self::ball($i, 0.8 * $length),
                'l' => self::ball($i, 1.25 * $length),
                'h' => self::ball($i, $length, ['stop' => 'holed']),
                default => self::ball($i, 1.02 * $length),
            };
        }

        return ReplayComputation::toArray(DrillRun::fold($drill, $events, $seed), $drill, false);
    }
}
