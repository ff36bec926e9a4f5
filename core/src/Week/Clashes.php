<?php

declare(strict_types=1);

namespace Amble\Core\Week;

/** Which appointments cannot both be kept: they overlap, or the way between their places takes longer than there is. */
final class Clashes
{
    /**
     * Time: O(n²) in the worst case, O(n log n) where few overlap.
     *
     * @param list<Appointment> $appointments
     *
     * @return array<string, list<string>> sentences by the appointment's id; none where it can be kept
     */
    public static function of(array $appointments): array
    {
        usort($appointments, static fn(Appointment $a, Appointment $b): int => [$a->start, $a->id] <=> [$b->start, $b->id]);
        $clashes = [];
        foreach ($appointments as $i => $first) {
            foreach (array_slice($appointments, $i + 1) as $second) {
                $gap = $second->start - $first->end;
                $way = $first->place !== null && $second->place !== null && $first->place !== $second->place ? 60 * $second->travel : 0;
                if ($gap >= max(0, $way) && $gap >= self::FARTHEST) {
                    break;
                }
                if ($gap < 0) {
                    $clashes[$first->id][] = "It overlaps with $second->name.";
                    $clashes[$second->id][] = "It overlaps with $first->name.";
                } elseif ($gap < $way) {
                    $clashes[$second->id][] = sprintf('From %s there are %d minutes, and the way takes %d.', $first->name, intdiv($gap, 60), $second->travel);
                }
            }
        }

        return $clashes;
    }

    /** No way takes longer, seconds: what begins later is not looked at. */
    private const FARTHEST = 6 * 3600;
}
