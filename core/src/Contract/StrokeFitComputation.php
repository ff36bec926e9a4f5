<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Stroke\FitOptions;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePrior;

final class StrokeFitComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $putts = array_map(StrokePuttInput::putt(...), $input->objects('putts'));
        $band = Check::level($input->numberOr('band', 0.8), 'band');
        $options = new FitOptions(self::prior($input), $input->flagOr('robust', true));
        $fit = (new StrokeFitter($options))->fit($putts);

        return [
            'state' => $fit->state->value,
            'n' => $fit->n,
            'alpha' => $fit->alpha(),
            'beta' => $fit->beta(),
            'sigma' => $fit->sigma,
            'df' => $fit->degreesOfFreedom,
            'weights' => $fit->weights,
            'marked' => $fit->marked,
            'predictions' => array_map(
                static fn(JsonInput $ask): ?array => self::prediction($fit, $ask, $band),
                $input->objectsOrNone('predict'),
            ),
            'wanted' => array_map(
                static fn(JsonInput $ask): ?array => self::backstroke($fit, $ask),
                $input->objectsOrNone('wanted'),
            ),
        ];
    }

    /** True for the shipped prior, false for none, or another's figures. */
    private static function prior(JsonInput $input): ?StrokePrior
    {
        if ($input->isObject('prior')) {
            $prior = $input->object('prior')->only(['beta', 'lambda', 'sigma', 'nu']);

            return StrokePrior::of(
                $prior->number('beta'),
                $prior->number('lambda'),
                $prior->number('sigma'),
                $prior->number('nu'),
                $prior->path(''),
            );
        }

        return $input->flagOr('prior', true) ? StrokePrior::shipped() : null;
    }

    /** @return array<string, mixed>|null */
    private static function prediction(StrokeFit $fit, JsonInput $ask, float $band): ?array
    {
        $backstroke = StrokePuttInput::length($ask, 'backstroke_m');
        $roll = $fit->predict($backstroke, StrokePuttInput::speed($ask), StrokePuttInput::grade($ask), $band);

        return $fit->state === FitState::None
            ? null
            : [
                'roll_m' => $roll?->rollMetres,
                'low_m' => $roll?->lowMetres,
                'high_m' => $roll?->highMetres,
                'extrapolated' => $fit->isExtrapolated($backstroke->metres()),
            ];
    }

    /** @return array<string, mixed>|null */
    private static function backstroke(StrokeFit $fit, JsonInput $ask): ?array
    {
        $roll = StrokePuttInput::length($ask, 'roll_m');
        $answer = $fit->backstrokeFor($roll, StrokePuttInput::speed($ask), StrokePuttInput::grade($ask));

        return $fit->state === FitState::None
            ? null
            : [
                'backstroke_m' => $answer?->metres,
                'extrapolated' => $answer?->isExtrapolated,
            ];
    }
}
