<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Level;

/** A set of lengths laid into a drill: any drill takes any set. */
final class DrillLengths
{
    /**
     * Each length becomes a station; where the drill's stations differ in slope, side or name, they stay as many
     * as they are and take the lengths in turn.
     *
     * @param array<string, mixed> $drill as decoded from its JSON
     * @param non-empty-list<float> $lengths metres
     *
     * @return array<string, mixed> the same drill at those lengths
     */
    public static function laidInto(array $drill, array $lengths): array
    {
        $stations = array_values(
            array_filter(is_array($drill['stations'] ?? null) ? $drill['stations'] : [], is_array(...)),
        );
        $lies = array_map(
            static fn(array $station): array => array_diff_key(
                $station,
                array_flip(['length_m', 'from_m', 'to_m', 'step_m']),
            ),
            $stations,
        );
        $isVaried = count(array_unique($lies, SORT_REGULAR)) > 1;
        $count = $isVaried ? count($lies) : count($lengths);
        $laid = [];
        for ($i = 0; $i < $count; ++$i) {
            $laid[] = ['length_m' => $lengths[$i % count($lengths)]] + ($lies[$isVaried ? $i : 0] ?? []);
        }
        $cap = is_array($drill['cap'] ?? null) ? $drill['cap'] : [];
        if (is_int($cap['balls'] ?? null) && $stations !== []) {
            // The cap keeps its room: as many balls for each station as before.
            $cap['balls'] = min(500, (int) ceil(($cap['balls'] * $count) / count($stations)));
            $drill['cap'] = $cap;
        }

        return ['stations' => $laid] + $drill;
    }
}
