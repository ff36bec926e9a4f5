<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\PracticeSession;
use Illuminate\Support\Collection;

/** Stations of a green, told from the sessions they were set out in. */
final class GreenStations
{
    private const MOST = 8;

    /**
     * @param Collection<int, PracticeSession> $sessions the latest first
     *
     * @return list<array{length_m: float, said: string, grade_percent: float|null, across_percent: float|null, sessions: int, last_on: string}>
     */
    public static function of(Collection $sessions): array
    {
        $stations = [];
        foreach ($sessions as $session) {
            foreach ($session->stations as $station) {
                // To the centimetre and the tenth of a per cent they are the same place.
                $key = sprintf(
                    '%.2f %.1f %.1f',
                    $station['length_m'],
                    $station['grade_percent'] ?? 0.0,
                    $station['across_percent'] ?? 0.0,
                );
                $stations[$key] ??= [
                    'length_m' => (float) $station['length_m'],
                    'said' => $station['said'],
                    'grade_percent' => $station['grade_percent'],
                    'across_percent' => $station['across_percent'] ?? null,
                    'sessions' => 0,
                    'last_on' => $session->started_at->toDateString(),
                ];
                ++$stations[$key]['sessions'];
            }
        }
        usort(
            $stations,
            static fn(array $a, array $b): int => $b['sessions'] <=> $a['sessions'] ?:
            $a['length_m'] <=> $b['length_m'],
        );

        return array_slice($stations, 0, self::MOST);
    }
}
