<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Green\HoleMap;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Roll\MappedPutts;
use Amble\Core\Simulation\SimulatedHole;
use Amble\Core\Simulation\SimulatedLevel;
use App\Models\Coach;
use App\Models\Green;
use App\Models\HoleMapRecord;

/** The invented hole of the boathouse green: itself and six places at 10 ft, laid out with the simulated level. */
final class DemoHoleMap
{
    private const PLACES = 6;
    private const SEED = 7;

    public static function lay(Coach $coach, Green $green, string $id): void
    {
        $level = new SimulatedLevel(new SeededRandom(self::SEED));
        $readings = [];
        foreach (range(0, self::PLACES) as $i) {
            $turn = (2.0 * M_PI * $i) / self::PLACES;
            [$x, $y] = $i === 0 ? [0.0, 0.0] : [MappedPutts::CIRCLE * sin($turn), MappedPutts::CIRCLE * cos($turn)];
            // Half a turn apart, the level's own error cancels.
            $first = $level->read(SimulatedHole::under($x, $y, isTurned: false));
            $turned = $level->read(SimulatedHole::under($x, $y, isTurned: true));
            $readings[] = [
                'x_m' => round($x, 3),
                'y_m' => round($y, 3),
                'right_percent' => round(0.5 * ($first['across_percent'] - $turned['across_percent']), 2),
                'up_percent' => round(0.5 * ($first['along_percent'] - $turned['along_percent']), 2),
                'by' => 'simulated level',
            ];
        }
        HoleMapRecord::query()->create([
            'id' => $id,
            'workspace_id' => $green->workspace_id,
            'coach_id' => $coach->id,
            'green_id' => $green->id,
            'name' => 'Front left',
            'mark' => 'the boathouse door',
            'noise_percent' => 100.0 * HoleMap::PHONE,
            'readings' => $readings,
        ]);
    }
}
