<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Drill\CallOut;
use Amble\Core\Drill\CallOutNode;
use Amble\Core\Drill\CauseProposal;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\ExpectedBalls;
use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Drill\Pass\ObservationCondition;
use Amble\Core\Drill\Rotation;
use Amble\Core\Drill\RunPart;
use Amble\Core\Drill\SetupSheet;
use Amble\Core\Drill\StationTally;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Feel\FeelReport;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\Event\BallCorrected;
use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\Presence;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\SetupItem;
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
        $drill = DrillRulesReader::read($input->object('drill'));
        $seed = $input->wholeNumberOr('seed', 0, 2_147_483_647, 0);
        $students = $input->textsOrNone('students', 80);
        $events = array_map(
            static fn(JsonInput $json): SessionEvent => self::event($json, $drill, $students),
            $input->objectsOrNone('events'),
        );
        $answer = self::state($drill, SessionLog::fold($events), $students, $seed);

        return $input->has('rates') ? $answer + ['expected_balls' => self::expected($input, $drill)] : $answer;
    }

    /**
     * The state of a run, or of each student of a group with whose turn it is.
     *
     * @param SessionLog $log of this run alone
     * @param list<string> $students empty for a run that is nobody's in particular
     * @param string|null $own the session's own student; null where there is none
     * @param array<string, float> $finishPast how far past a hole each student plays for, metres
     *
     * @return array<string, mixed> ready for JSON
     */
    public static function state(
        DrillRules $drill,
        SessionLog $log,
        array $students,
        int $seed,
        ?string $own = null,
        array $finishPast = [],
    ): array {
        $setOut = self::setOut($log);
        $isStraight = ($setOut['check'][SetupSheet::STRAIGHT] ?? 0) > 0;
        $parts = RunPart::all($log, $students, $own);
        $state =
            $parts[0]->student === null
                ? self::toArray(
                        $parts[0]->state($drill, $seed, $finishPast[$own ?? ''] ?? 0.0),
                        $drill,
                        $isStraight,
                    ) + ['counted' => array_column($log->putts, 'id')]
                : self::group($drill, $parts, $log, $seed, $isStraight, $finishPast);

        return [
            'axis' => $drill->pass->axis()->value,
            'judges' => $drill->pass->judges(),
            'needs' => $drill->needs(),
            'can_be_holed' => $drill->target->canBeHoled(),
            'rolled_again' => array_column(
                array_filter(BallMark::cases(), static fn(BallMark $mark): bool => $mark->isRolledAgain()),
                'value',
            ),
            // Names are keys: without any it is still an object.
            'set_out' => array_map(static fn(array $counts): object => (object) $counts, $setOut),
        ] + $state;
    }

    /**
     * @param list<RunPart> $parts
     * @param array<string, float> $finishPast
     *
     * @return array<string, mixed>
     */
    private static function group(
        DrillRules $drill,
        array $parts,
        SessionLog $log,
        int $seed,
        bool $isStraight,
        array $finishPast,
    ): array {
        $states = $lastBalls = $answers = [];
        foreach ($parts as $part) {
            $student = (string) $part->student;
            $states[$student] = $part->state($drill, $seed, $finishPast[$student] ?? 0.0);
            $answers[] = [
                'student' => $student,
                'state' => self::toArray($states[$student], $drill, $isStraight) + [
                    'counted' => array_column($part->putts, 'id'),
                ],
            ];
            foreach ($part->putts as $putt) {
                $lastBalls[$student] = $putt->atMilliseconds;
            }
        }
        $turns = Rotation::turns(array_diff_key($states, self::away($log)), $lastBalls);

        return ['turn' => $turns[0] ?? null, 'turns' => $turns, 'students' => $answers];
    }

    /** @return array<string, true> students who sit out or went: turns skip them */
    private static function away(SessionLog $log): array
    {
        $away = [];
        foreach ($log->groupMembers as $companion) {
            if ($companion->standing !== Presence::Here) {
                $away[$companion->student] = true;
            }
        }

        return $away;
    }

    /** @return array<string, array<string, int>> the count of each thing, by kind and name */
    private static function setOut(SessionLog $log): array
    {
        $counts = array_fill_keys(array_column(SetupItem::cases(), 'value'), []);
        foreach ($log->counts as $count) {
            $counts[$count->item->value][$count->name] = $count->count;
        }

        return $counts;
    }

    private static function expected(JsonInput $input, DrillRules $drill): ?float
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

    /**
     * @param bool $isStraight whether the putt was proved straight by rolling
     *
     * @return array<string, mixed> ready for JSON
     */
    public static function toArray(DrillState $state, DrillRules $drill, bool $isStraight): array
    {
        [$firstTries, $firstPassed] = $state->firstTries();
        $feel = FeelReport::of($state->calls);

        return [
            'phase' => $state->phase->value,
            'capped_by' => $state->cappedBy,
            'next' => $state->next === null ? null : self::callOut($state->next),
            'ahead' => array_map(self::callOut(...), $state->ahead),
            'course' => [
                'at' => $state->course->at,
                'certain' => $state->course->certain,
                'legs' => array_map(self::leg(...), $state->course->legs),
            ],
            'last' =>
                $state->last === null
                    ? null
                    : [
                        'putt_id' => $state->last->putt->id,
                        'passed' => $state->last->passed,
                        'restarted' => $state->last->restarted,
                        'may_be_putted_out' =>
                            $state->last->putt->ball->stop !== Stop::Holed &&
                            $drill->putOut->allows($state->last->passed),
                        'cause' => CauseProposal::of($state->last, $drill, $isStraight)?->value,
                    ],
            'balls' => $state->balls,
            'judged' => $state->judgedBalls,
            'passes' => $state->passes,
            'streak' => $state->streak,
            'restarts' => $state->restarts,
            'rounds' => $state->rounds,
            'points' => $state->points,
            'stations' => array_map(
                static fn(StationTally $tally): array => [
                    'length_m' => $tally->lengthMetres,
                    'balls' => $tally->balls,
                    'passes' => $tally->passes,
                    'attempt' => $tally->attempt,
                    'first_ball_passed' => $tally->firstBallPassed,
                ],
                $state->stations,
            ),
            'first_attempts' => ['n' => $firstTries, 'passed' => $firstPassed],
            'through_but_missed' => $state->throughButMissed,
            'second_putts' => ['n' => $state->putOuts, 'putts' => $state->puttsToFinish],
            'step_m' => $state->step,
            'feel' =>
                $feel === null
                    ? null
                    : [
                        'n' => $feel->n,
                        'agreement' => $feel->agreement,
                        'kappa' => $feel->kappa,
                        'miscalibration' => $feel->miscalibration,
                    ],
        ];
    }

    /**
     * A ball that does not bring what its drill looks at could only be misjudged.
     *
     * @param list<string> $students
     */
    private static function event(JsonInput $event, DrillRules $drill, array $students): SessionEvent
    {
        $read = EventReader::read($event);
        if ($read instanceof BallLogged && $students !== []) {
            $event->word('student', $students);
        }
        $ball = $read instanceof BallLogged || $read instanceof BallCorrected ? $read->ball : null;
        if ($ball === null) {
            return $read;
        }
        // Of a ball that struck nothing there is no more to say.
        foreach ($ball->sight->hit === false ? ['hit'] : $drill->needs() as $field) {
            // A holed ball lies on the target: neither roll nor side nor level is asked for.
            $isAsked = $ball->stop !== Stop::Holed || !in_array($field, ['roll_m', 'side_m', 'level'], true);
            if ($isAsked && ($field === 'roll_m' ? $ball->roll === null : !$ball->sight->has($field))) {
                throw InvalidInput::missing($event->path($field));
            }
        }

        return $read;
    }

    /** @return array<string, mixed> */
    private static function leg(CallOutNode $leg): array
    {
        return self::callOut($leg->callOut) + ['after_pass' => $leg->afterPass, 'after_miss' => $leg->afterMiss];
    }

    /** @return array<string, mixed> */
    private static function callOut(CallOut $callOut): array
    {
        return [
            'station' => $callOut->station,
            'length_m' => $callOut->lengthMetres,
            'ball' => $callOut->ball,
            'task' => $callOut->task?->value,
            'name' => $callOut->name,
            'backstroke_m' => $callOut->backstroke,
            'passes_if' => $callOut->acceptance === null ? null : self::acceptance($callOut->acceptance),
        ];
    }

    /** @return array<string, mixed> ready for JSON */
    public static function acceptance(Acceptance $acceptance): array
    {
        return [
            'holed' => $acceptance->holed,
            'only_holed' => $acceptance->isHoledNeeded,
            'roll_m' => $acceptance->rollBetween,
            'ring_m' => $acceptance->ring,
            'struck' => $acceptance->struck,
            'seen' => array_map(
                static fn(ObservationCondition $seen): array => [
                    'name' => $seen->name,
                    'one_of' => $seen->oneOf,
                    'between' => $seen->between,
                ],
                $acceptance->seen,
            ),
        ];
    }
}
