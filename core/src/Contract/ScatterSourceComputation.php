<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Stroke\ScatterSource;
use Amble\Core\Stroke\StrokePrior;
use Amble\Core\Stroke\StrokePutt;

final class ScatterSourceComputation implements Computation
{
    /** ln of a relative roll beyond this belongs to no stroke. */
    private const WILDEST_ALPHA = 1000.0;

    public function answer(JsonInput $input): array
    {
        $line = $input->object('line');
        $alpha = Check::within($line->number('alpha'), -self::WILDEST_ALPHA, self::WILDEST_ALPHA, $line->path('alpha'));
        $beta = Check::within(
            Check::positive($line->number('beta'), $line->path('beta')),
            ...[...StrokePrior::BETAS, $line->path('beta')],
        );
        $putts = array_map(self::putt(...), $input->objects('putts'));
        $source = ScatterSource::of($putts, $alpha, $beta);

        return [
            'n' => count($putts),
            'total' => $source?->total,
            'backstroke' => $source?->fromBackstroke,
            'strike' => $source?->fromStrike,
            'together' => $source?->together,
            'log_ratio' => $source?->logRatio,
            'log_ratio_se' => $source?->logRatioError,
        ];
    }

    /** @return array{StrokePutt, float} the putt, and ln of its target's plays-like length over the green speed */
    private static function putt(JsonInput $putt): array
    {
        $stroke = StrokePuttInput::putt($putt);
        $speed = StrokePuttInput::speed($putt);
        $target = (new LineRoll($speed, StrokePuttInput::grade($putt)))->playsLike(
            StrokePuttInput::length($putt, 'target_m'),
        );

        return [
            $stroke,
            log(
                ($target ?? throw InvalidInput::at($putt->path('grade_percent'), 'No ball could stop on this grade.')) /
                    $speed->metres(),
            ),
        ];
    }
}
