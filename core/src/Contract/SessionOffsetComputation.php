<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Stroke\SessionOffset;

final class SessionOffsetComputation implements Computation
{
    /** Day-to-day spreads outside this range belong to no student, log units. */
    private const SPREADS = [1e-6, 10.0];

    public function answer(JsonInput $input): array
    {
        $sessions = array_map(
            static fn(array $putts): array => array_map(StrokePuttInput::putt(...), $putts),
            $input->objectLists('sessions'),
        );
        $today = array_map(StrokePuttInput::putt(...), $input->objects('today'));
        $dayToDay = $input->numberOr('day_to_day', SessionOffset::DAY_TO_DAY);
        $offset = SessionOffset::of(
            $sessions,
            $today,
            Check::within(Check::positive($dayToDay, 'day_to_day'), ...[...self::SPREADS, 'day_to_day']),
        );

        return [
            'n' => count($today),
            'sessions' => count(array_filter($sessions)),
            'offset' => $offset?->offset,
            'se' => $offset?->standardError,
            'tau' => $offset?->dayToDay,
            'remark' => $offset?->isRemarkable() === true,
            'expected_offset' => $offset?->believed,
            'factor' => $offset?->speedFactor(),
        ];
    }
}
