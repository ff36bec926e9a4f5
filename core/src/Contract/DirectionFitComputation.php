<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Interval;

final class DirectionFitComputation implements Computation
{
    /** No ball starts further round, degrees. */
    private const WIDEST = 180.0;

    public function answer(JsonInput $input): array
    {
        $bounds = array_map(self::bound(...), $input->objects('putts'));
        $level = Check::level($input->numberOr('level', 0.8), 'level');
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
        $angle = static fn(string $field): ?float => $putt->has($field)
            ? deg2rad(Check::within($putt->number($field), -self::WIDEST, self::WIDEST, $putt->path($field)))
            : null;
        $exact = $angle('exact_deg');
        if ($exact !== null) {
            return Bound::exactly($exact, $putt->path('exact_deg'));
        }

        return Bound::between($angle('low_deg'), $angle('high_deg'), $putt->path('low_deg'), $putt->here());
    }
}
