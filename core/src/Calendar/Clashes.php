<?php

declare(strict_types=1);

namespace Amble\Core\Calendar;

/** Which appointments cannot both be kept: they overlap, or the way between their places takes longer than there is. */
final class Clashes
{
    /** So many are named of each appointment; the others are counted. */
    private const NAMED = 3;

    /**
     * Time: O(n²) in the worst case, O(n log n) where few overlap or follow within the longest way.
     *
     * @param list<Appointment> $appointments
     *
     * @return array<string, list<string>> sentences by the appointment's id; none where it can be kept
     */
    public static function of(array $appointments): array
    {
        usort(
            $appointments,
            static fn(Appointment $a, Appointment $b): int => [$a->start, $a->id] <=> [$b->start, $b->id],
        );
        $clashes = $more = [];
        $count = count($appointments);
        $farthest = 60 * max([0, ...array_map(static fn(Appointment $one): int => $one->travel, $appointments)]);
        for ($i = 0; $i < $count; ++$i) {
            $first = $appointments[$i];
            for ($j = $i + 1; $j < $count; ++$j) {
                $second = $appointments[$j];
                $gap = $second->start - $first->end;
                $way =
                    $first->place !== null && $second->place !== null && $first->place !== $second->place
                        ? 60 * $second->travel
                        : 0;
                // What follows later still is farther off.
                if ($gap >= $farthest) {
                    break;
                }
                if ($gap < 0) {
                    self::note($clashes, $more, $first->id, $second->name);
                    self::note($clashes, $more, $second->id, $first->name);
                } elseif ($gap < $way) {
                    $clashes[$second->id][] = sprintf(
                        'From %s there are %d minutes, and the way takes %d.',
                        $first->name,
                        intdiv($gap, 60),
                        $second->travel,
                    );
                }
            }
        }
        foreach ($more as $id => $others) {
            $clashes[$id][] = sprintf('It overlaps with %d more.', $others);
        }

        return $clashes;
    }

    /**
     * @param array<string, list<string>> $clashes
     * @param array<string, int> $more
     */
    private static function note(array &$clashes, array &$more, string $id, string $other): void
    {
        if (isset($clashes[$id][self::NAMED - 1])) {
            $more[$id] = ($more[$id] ?? 0) + 1;
        } else {
            $clashes[$id][] = "It overlaps with $other.";
        }
    }
}
