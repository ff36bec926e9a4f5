<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\Equipment\EquipmentItem;
use Amble\Core\Drill\Equipment\EquipmentType;

/** What several drills, set out at once for a group, want in all. Immutable. */
final readonly class GroupEquipment
{
    /** @param list<array{name: string, pieces: int}> $items by what it is called, in the order of the stations */
    private function __construct(public array $items) {}

    /**
     * Pieces add up over the stations; balls that a drill does not count are one for each of those who are there.
     *
     * @param list<Drill> $drills one a station
     * @param list<list<list<string>>> $turns of the rota: by turn, by station, who is there
     */
    public static function of(array $drills, array $turns): self
    {
        $pieces = [];
        foreach ($drills as $station => $drill) {
            $most = max(array_map(static fn(array $places): int => count($places[$station] ?? []), $turns) ?: [0]);
            foreach ($drill->kit as $item) {
                $name = self::called($item);
                $pieces[$name] =
                    ($pieces[$name] ?? 0) + ($item->count ?? ($item->piece === EquipmentType::Ball ? $most : 1));
            }
        }

        return new self(
            array_map(
                static fn(string $name, int $count): array => ['name' => $name, 'pieces' => $count],
                array_keys($pieces),
                array_values($pieces),
            ),
        );
    }

    /** By the piece, whatever it makes: tees for a gate and tees for a ring come out of one bag. */
    private static function called(EquipmentItem $item): string
    {
        return $item->piece === EquipmentType::Other ? $item->name() : $item->piece->words()[1];
    }
}
