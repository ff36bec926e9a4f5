<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\End\End;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Drill\Order\Order;
use Amble\Core\Drill\Pass\PassSetting;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\Physics;
use Amble\Core\Json\JsonInput;
use Amble\Core\Roll\Tier;
use Amble\Core\Steps\StepRule;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Reads a drill from JSON and refuses one that cannot be run, at the field and in a sentence. */
final class DrillRulesReader
{
    private const FIELDS = [
        'stations',
        'target',
        'aid',
        'order',
        'balls_per_station',
        'pass',
        'on_miss',
        'tasks',
        'call_first',
        'points',
        'putt_out',
        'steps_m',
        'start_step',
        'step_rule',
        'end',
        'cap',
        'rest_after_balls',
    ];

    private const MOST_TASKS = 24;

    private const MOST_STATIONS = 24;

    /** @throws InvalidInput If a field is missing, unknown or out of range, or fields contradict one another. */
    public static function read(JsonInput $drill, ?Kinds $kinds = null): DrillRules
    {
        $kinds ??= Kinds::shipped();
        // What the card says besides is DrillReader's to read.
        $drill->only([...self::FIELDS, ...DrillReader::FIELDS]);
        $target = $drill->enum('target', TargetKind::class);
        $aid = self::aid($drill->objectOrNull('aid'));
        $tasks = self::tasks($drill);
        $pass = $kinds->pass($drill->object('pass'));
        $contradiction = $pass->contradiction(new PassSetting($target, $aid, $tasks));
        if ($contradiction !== null) {
            throw InvalidInput::at($drill->path('pass.kind'), $contradiction);
        }
        $order = $kinds->order($drill, 'order');
        $points = $drill->objectOrNull('points');
        $steps = self::steps($drill);
        $read = new DrillRules(
            stations: self::stations($drill),
            target: $target,
            aid: $aid,
            order: $order,
            ballsEach: max(1, $drill->wholeNumber('balls_per_station', 1, 50)),
            pass: $pass,
            onMiss: self::onMiss($drill, $order),
            tasks: $tasks,
            isCalledFirst: $drill->flagOr('call_first', false),
            points: $points === null ? null : Points::read($points),
            putOut: PutOut::from(self::kind($drill, 'putt_out', array_column(PutOut::cases(), 'value'), 'none')),
            steps: $steps,
            startStep: max(
                0,
                $drill->wholeNumberOr('start_step', 0, $steps === null ? 0 : count($steps->widths) - 1, 0),
            ),
            end: $kinds->end($drill->object('end')),
            cap: self::cap($drill->object('cap')),
            restAfter: max(1, $drill->wholeNumberOr('rest_after_balls', 1, 200, 15)),
            stepRule: $drill->has('step_rule') ? StepRule::read($drill->object('step_rule')) : StepRule::usual(),
        );
        self::refuseWhatNeverEnds($drill, $read, $read->end);

        return $read;
    }

    /** @return non-empty-list<Station> */
    private static function stations(JsonInput $drill): array
    {
        $stations = array_map(self::station(...), $drill->objects('stations'));
        if ($stations === []) {
            throw InvalidInput::emptyList($drill->path('stations'), 'station');
        }

        return count($stations) <= self::MOST_STATIONS
            ? $stations
            : throw InvalidInput::at(
                $drill->path('stations'),
                'A drill has at most ' . self::MOST_STATIONS . ' stations.',
            );
    }

    private static function station(JsonInput $station): Station
    {
        $station->only([
            'length_m',
            'from_m',
            'to_m',
            'step_m',
            'grade_percent',
            'across_percent',
            'tier',
            'name',
            'backstroke_m',
            WeakBreak::FIELD,
        ]);
        if ($station->has(WeakBreak::FIELD)) {
            $station->word(WeakBreak::FIELD, [WeakBreak::WEAK]);
        }
        [$from, $to] =
            $station->has('from_m') || $station->has('to_m')
                ? [self::length($station, 'from_m'), self::length($station, 'to_m')]
                : [self::length($station, 'length_m'), self::length($station, 'length_m')];
        if ($from->metres() > $to->metres()) {
            throw InvalidInput::at(
                $station->path('from_m'),
                'The range must run from its shorter end to its longer one.',
            );
        }
        $tier = $station->objectOrNull('tier');

        return new Station(
            $from,
            $to,
            Grade::ofPercent($station->numberOr('grade_percent', 0.0), $station->path('grade_percent')),
            Grade::ofPercent($station->numberOr('across_percent', 0.0), $station->path('across_percent')),
            $tier === null
                ? null
                : Tier::of($tier->number('height_m'), $tier->number('run_m'), $tier->number('start_m'), $tier->here()),
            $station->has('step_m')
                ? Length::ofMetres($station->number('step_m'), $station->path('step_m'))->metres()
                : Station::STEP,
            $station->has('name') ? $station->text('name', 40) : null,
            $station->has('backstroke_m')
                ? Length::ofMetres($station->number('backstroke_m'), $station->path('backstroke_m'))
                : null,
        );
    }

    private static function length(JsonInput $station, string $field): Length
    {
        $length = Length::ofMetres($station->number($field), $station->path($field));

        return $length->metres() <= DrillRules::longest()->metres()
            ? $length
            : throw InvalidInput::outside($station->path($field), $length->metres(), 'at most 60 m');
    }

    private static function aid(?JsonInput $aid): ?Aid
    {
        if ($aid === null) {
            return null;
        }
        $aid->only(['kind', 'width_m', 'distance_m']);
        $kind = $aid->enum('kind', AidKind::class);
        $length = static fn(string $field): ?Length => $aid->has($field) || $kind === AidKind::Gate
            ? Length::ofMetres($aid->number($field), $aid->path($field))
            : null;
        $width = $length('width_m');
        if ($kind === AidKind::Gate && $width !== null && $width->metres() <= 2.0 * Physics::BALL_RADIUS) {
            throw InvalidInput::at($aid->path('width_m'), 'The gate must be wider than a ball (43 mm).');
        }

        return new Aid($kind, $width, $length('distance_m'));
    }

    /** @return list<BallTask> */
    private static function tasks(JsonInput $drill): array
    {
        $tasks = array_map(BallTask::from(...), $drill->wordsOrNone('tasks', array_column(BallTask::cases(), 'value')));

        return count($tasks) <= self::MOST_TASKS
            ? $tasks
            : throw InvalidInput::at(
                $drill->path('tasks'),
                'A drill has at most ' . self::MOST_TASKS . ' tasks in turn.',
            );
    }

    private static function onMiss(JsonInput $drill, Order $order): OnMiss
    {
        $onMiss = OnMiss::from(self::kind($drill, 'on_miss', array_column(OnMiss::cases(), 'value'), 'nothing'));
        if ($onMiss === OnMiss::RestartStation && !$order->keepsStationsTogether) {
            throw InvalidInput::at(
                $drill->path('on_miss'),
                'A station can only be restarted where its balls follow one another.',
            );
        }

        return $onMiss;
    }

    private static function steps(JsonInput $drill): ?DrillSteps
    {
        if (!$drill->has('steps_m')) {
            return null;
        }
        $widths = [];
        foreach ($drill->numbers('steps_m') as $i => $metres) {
            $widths[] = Length::ofMetres($metres, $drill->path("steps_m.$i"));
        }

        return DrillSteps::of($widths, $drill->path('steps_m'));
    }

    private static function cap(JsonInput $cap): DrillLimit
    {
        $cap->only(['balls', 'minutes']);
        if (!$cap->has('balls') && !$cap->has('minutes')) {
            throw InvalidInput::at($cap->here(), 'Every drill has a limit, in balls or in minutes.');
        }

        return new DrillLimit(
            $cap->has('balls') ? $cap->wholeNumber('balls', 1, 500) : null,
            $cap->has('minutes') ? $cap->wholeNumber('minutes', 1, 180) : null,
        );
    }

    private static function refuseWhatNeverEnds(JsonInput $json, DrillRules $drill, End $end): void
    {
        if ($end->goal !== null && $drill->points === null) {
            throw InvalidInput::at($json->path('points'), 'The drill ends on points, but no ball scores any.');
        }
        if ($end->goal !== null && $drill->mostPoints() <= 0) {
            throw InvalidInput::at($json->path('points'), 'No ball scores points, so the goal can never be reached.');
        }
        $round = count($drill->stations) * $drill->ballsEach;
        if (!$end->repeatsRounds && $drill->cap->balls !== null && $drill->cap->balls < $round) {
            throw InvalidInput::at(
                $json->path('cap.balls'),
                "One round is $round balls; the limit comes before its end.",
            );
        }
    }

    /**
     * @param non-empty-list<string> $kinds
     *
     * @return string one of the kinds
     */
    private static function kind(JsonInput $drill, string $field, array $kinds, string $default): string
    {
        return $drill->has($field) ? $drill->word($field, $kinds) : $default;
    }
}
