<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Direction\Bound;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Interval;

final class DirectionFitComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $bounds = array_map(self::bound(...), $input->objects('putts'));
        $level = Check::share($input->numberOr('level', 0.8), 'level');
        $fit = (new DirectionFitter())->fit($bounds);
        $degrees = static fn(?float $radians): ?float => $radians === null ? null : rad2deg($radians);
        $range = static fn(?Interval $interval): ?array => $interval?->times(rad2deg(1.0))->toArray();

        return [
            'state' => $fit->state->value,
            'n' => $fit->n,
            'bias_deg' => $degrees($fit->bias),
            'spread_deg' => $degrees($fit->spread),
            'bias_interval_deg' => $range($fit->biasInterval($level)),
            'spread_interval_deg' => $range($fit->spreadInterval($level)),
            'spread_upper_bound_deg' => $degrees($fit->spreadUpperBound),
        ];
    }

    private static function bound(JsonInput $putt): Bound
    {
        $low = $putt->numberOrNull('low_deg');
        $high = $putt->numberOrNull('high_deg');
        if ($putt->has('exact_deg')) {
            return Bound::exactly(deg2rad($putt->number('exact_deg')), $putt->path('exact_deg'));
        }

        return Bound::between(
            $low === null ? null : deg2rad($low),
            $high === null ? null : deg2rad($high),
            $putt->path('low_deg'),
            $putt->here(),
        );
    }
}
