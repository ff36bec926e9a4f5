<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Change\ChangeCall;
use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;

final class ChangeComputation implements Computation
{
    /** Between-session spreads outside this range belong to no figure. */
    private const SPREADS = [1e-9, 1e6];

    public function answer(JsonInput $input): array
    {
        $sessions = array_map(
            static fn(JsonInput $session): SessionFigure => SessionFigure::of(
                $session->number('value'),
                $session->number('se'),
                $session->path(''),
            ),
            $input->objects('sessions'),
        );
        $earlier = $input->wholeNumber('earlier', 1, max(1, count($sessions) - 1));
        $dayToDay = Check::within(
            Check::positive($input->number('day_to_day'), 'day_to_day'),
            ...[...self::SPREADS, 'day_to_day'],
        );
        $change = PeriodChange::of(array_slice($sessions, 0, $earlier), array_slice($sessions, $earlier), $dayToDay);

        return [
            'earlier' => $change->earlier,
            'later' => $change->later,
            'difference' => $change->difference,
            'se' => $change->standardError,
            'df' => $change->degreesOfFreedom,
            'tau' => $change->tau,
            'interval_80' => $change->interval(ChangeCall::LIKELY_LEVEL)->toArray(),
            'interval_95' => $change->interval(ChangeCall::CLEAR_LEVEL)->toArray(),
            'call' => $change->call()->value,
        ];
    }
}
