<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Json\JsonInput;
use Amble\Core\Units\Length;

final class DistanceControlComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $control = DistanceControl::of(
            array_map(self::putt(...), $input->objects('putts')),
            $input->numberOr('window', DistanceControl::DEFAULT_WINDOW),
            $input->numberOr('level', 0.8),
        );

        return [
            'n' => $control->n,
            'n_measured' => $control->nMeasured,
            'n_cut_short' => $control->nCutShort,
            'bias' => $control->bias,
            'spread' => $control->spread,
            'bias_interval' => $control->biasInterval?->toArray(),
            'spread_interval' => $control->spreadInterval?->toArray(),
            'inside_share' => $control->insideShare,
            'inside_interval' => $control->insideInterval?->toArray(),
            'inside_share_estimated' => $control->insideShareEstimated,
            'inside_estimated_interval' => $control->insideEstimatedInterval?->toArray(),
        ];
    }

    private static function putt(JsonInput $putt): DistancePutt
    {
        $target = Length::ofMetres($putt->number('target_m'), $putt->path('target_m'));

        return match (true) {
            $putt->flagOr('holed', false) => DistancePutt::holed(
                $target,
                $putt->numberOrNull('stop_m'),
                $putt->path('stop_m'),
            ),
            $putt->has('at_least_m') => DistancePutt::cutShortAt(
                $target,
                $putt->number('at_least_m'),
                $putt->path('at_least_m'),
            ),
            default => DistancePutt::stoppedAt($target, $putt->number('stop_m'), $putt->path('stop_m')),
        };
    }
}
