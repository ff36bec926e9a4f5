<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Drill\CallOut;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\ExpectedBalls;
use Amble\Core\Drill\Rotation;
use Amble\Core\Drill\StationTally;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Feel\FeelReport;
use Amble\Core\Session\PuttLogged;
use Amble\Core\Session\SessionEvent;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\Stop;

/**
 * A drill and its events in, the drill's state out.
 *
 * With "students", each event says whose it is, and out come a state for each and whose turn it is.
 * With "rates" (a chance to pass by station) the balls to expect are told too.
 */
final class ReplayComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $input->only(['drill', 'events', 'seed', 'students', 'rates']);
        $drill = DrillReader::read($input->object('drill'));
        $seed = $input->wholeNumberOr('seed', 0, 2_147_483_647, 0);
        $events = [];
        $owners = [];
        $students = $input->textsOrNone('students', 80);
        foreach ($input->objectsOrNone('events') as $json) {
            $event = self::event($json, $drill);
            $events[] = $event;
            $owners[$event->id] = $students === [] ? '' : self::owner($json, $event, $students);
        }
        $answer = self::state($drill, $events, $owners, $students, $seed);

        return $input->has('rates') ? $answer + ['expected_balls' => self::expected($input, $drill)] : $answer;
    }

    /** @param list<string> $students */
    private static function owner(JsonInput $json, SessionEvent $event, array $students): string
    {
        // A correction or an undo belongs to whoever's ball it is about.
        return $event instanceof PuttLogged && $students !== [] ? $json->word('student', $students) : '';
    }

    /**
     * The state of a run, or of each student of a group with whose turn it is.
     *
     * @param list<SessionEvent> $events
     * @param array<string, string> $owners student by event id; '' for what may be anybody's
     * @param list<string> $students empty for a run that is nobody's in particular
     *
     * @return array<string, mixed> ready for JSON
     */
    public static function state(Drill $drill, array $events, array $owners, array $students, int $seed): array
    {
        $state = $students === []
            ? self::toArray(DrillRun::fold($drill, $events, $seed))
            : self::group($drill, $events, $owners, $students, $seed);

        return ['axis' => $drill->pass->axis()->value, 'needs' => $drill->needs()] + $state;
    }

    /**
     * @param list<SessionEvent> $events
     * @param array<string, string> $owners
     * @param list<string> $students
     *
     * @return array<string, mixed>
     */
    private static function group(Drill $drill, array $events, array $owners, array $students, int $seed): array
    {
        $states = $lastBalls = $answers = [];
        foreach ($students as $student) {
            $own = array_values(array_filter(
                $events,
                static fn(SessionEvent $event): bool => in_array($owners[$event->id], ['', $student], true),
            ));
            $states[$student] = DrillRun::fold($drill, $own, $seed);
            $answers[] = ['student' => $student, 'state' => self::toArray($states[$student])];
            foreach (SessionLog::fold($own)->putts as $putt) {
                $lastBalls[$student] = $putt->atMilliseconds;
            }
        }

        return ['turn' => Rotation::next($states, $lastBalls), 'students' => $answers];
    }

    private static function expected(JsonInput $input, Drill $drill): ?float
    {
        $rates = $input->numbers('rates');
        foreach ($rates as $i => $rate) {
            if ($rate < 0.0 || $rate > 1.0) {
                throw InvalidInput::outside("rates.$i", $rate, 'from 0 to 1');
            }
        }
        if ($rates === [] || count($rates) !== count($drill->stations)) {
            throw InvalidInput::at('rates', 'Give one chance for each station.');
        }

        return ExpectedBalls::of($drill, $rates);
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
        $isHoled = $event->has('stop') && $event->word('stop', array_column(Stop::cases(), 'value')) === 'holed';
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
