<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Drill\CallOut;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\StationTally;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Feel\FeelReport;
use Amble\Core\Session\SessionEvent;

/** A drill and its events in, the drill's state out. */
final class ReplayComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $input->only(['drill', 'events', 'seed']);
        $drill = DrillReader::read($input->object('drill'));
        $events = array_map(
            static fn(JsonInput $event): SessionEvent => self::event($event, $drill),
            $input->objectsOrNone('events'),
        );

        return self::toArray(DrillRun::fold($drill, $events, $input->wholeNumberOr('seed', 0, 2_147_483_647, 0)));
    }

    /** @return array<string, mixed> ready for JSON */
    public static function toArray(DrillState $state): array
    {
        [$firstTries, $firstPassed] = $state->firstTries();
        $feel = FeelReport::of($state->calls);

        return [
            'phase' => $state->phase->value,
            'next' => $state->next === null ? null : self::callOut($state->next),
            'ahead' => array_map(self::callOut(...), $state->ahead),
            'balls' => $state->balls,
            'passes' => $state->passes,
            'streak' => $state->streak,
            'restarts' => $state->restarts,
            'rounds' => $state->rounds,
            'points' => $state->points,
            'stations' => array_map(static fn(StationTally $tally): array => [
                'length_m' => $tally->lengthMetres,
                'balls' => $tally->balls,
                'passes' => $tally->passes,
                'attempt' => $tally->attempt,
                'first_ball_passed' => $tally->firstBallPassed,
            ], $state->stations),
            'first_tries' => ['n' => $firstTries, 'passed' => $firstPassed],
            'through_but_missed' => $state->throughButMissed,
            'second_putts' => ['n' => $state->putOuts, 'putts' => $state->puttsToFinish],
            'step_m' => $state->step,
            'feel' => $feel === null ? null : [
                'n' => $feel->n,
                'agreement' => $feel->agreement,
                'kappa' => $feel->kappa,
                'miscalibration' => $feel->miscalibration,
            ],
        ];
    }

    /** A ball that does not bring what its drill looks at could only be misjudged. */
    private static function event(JsonInput $event, Drill $drill): SessionEvent
    {
        $read = EventReader::read($event);
        $isBall = $event->word('type', array_column(EventType::cases(), 'value')) !== EventType::Undone->value;
        $isHoled = $event->has('stop') && $event->word('stop', ['free', 'holed', 'edge', 'rod', 'other']) === 'holed';
        foreach ($isBall ? $drill->needs() : [] as $field) {
            // A holed ball lies on the target: neither its roll nor its side is asked for.
            if (!$event->has($field) && !($isHoled && in_array($field, ['roll_m', 'side_m'], true))) {
                throw InvalidInput::missing($event->path($field));
            }
        }

        return $read;
    }

    /** @return array<string, mixed> */
    private static function callOut(CallOut $callOut): array
    {
        return [
            'station' => $callOut->station,
            'length_m' => $callOut->lengthMetres,
            'ball' => $callOut->ball,
            'task' => $callOut->task?->value,
        ];
    }
}
