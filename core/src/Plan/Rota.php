<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Exception\InvalidInput;

/**
 * Who is where when: several students over several stations, so that nobody is idle, each comes to each station once,
 * and each is first as often as any other, give or take once. Immutable.
 */
final readonly class Rota
{
    private const MOST = 24;

    /** @param list<list<list<string>>> $turns by turn, by station: those who are there, the first of them first */
    private function __construct(public array $turns) {}

    /**
     * @param list<string> $students
     *
     * @throws InvalidInput If there are no students or stations, or more of them than anybody can watch.
     */
    public static function of(array $students, int $stations): self
    {
        $n = count($students);
        if ($n < 1 || $n > self::MOST) {
            throw InvalidInput::outside('students', (float) $n, 'between 1 and ' . self::MOST);
        }
        if ($stations < 1 || $stations > self::MOST) {
            throw InvalidInput::outside('stations', (float) $stations, 'between 1 and ' . self::MOST);
        }
        // Those who walk round together: student i belongs to group i mod stations.
        $groups = array_map(
            static fn(int $station): array => array_values(
                array_filter($students, static fn(int $i): bool => $i % $stations === $station, ARRAY_FILTER_USE_KEY),
            ),
            range(0, $stations - 1),
        );
        $turns = [];
        for ($turn = 0; $turn < $stations; ++$turn) {
            $places = array_fill(0, $stations, []);
            foreach ($groups as $g => $group) {
                $first = $group === [] ? 0 : $turn % count($group);
                $places[($g + $turn) % $stations] = [...array_slice($group, $first), ...array_slice($group, 0, $first)];
            }
            $turns[] = $places;
        }

        return new self($turns);
    }
}
