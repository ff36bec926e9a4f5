<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Observation\ObservationTypes;

/**
 * What a coach can have seen: narrower than what the log can hold, so that a slip of the pen is caught
 * where it is made. Lengths in metres, slopes in percent.
 *
 * @internal
 */
final class ArrivalLimits
{
    private const BALL = [
        'backstroke_m' => [0.01, 2.0, 'A backstroke is between 1 cm (½ in) and 2 m (78 in).'],
        'roll_m' => [0.02, 80.0, 'A roll is between 2 cm (1 in) and 80 m (262 ft).'],
        'run_on_m' => [0.02, 80.0, 'What a ball would have run on is between 2 cm (1 in) and 80 m (262 ft).'],
        'target_m' => [0.1, 60.0, 'A target is between 0.1 m (4 in) and 60 m (196 ft) away.'],
        'grade_percent' => [-15.0, 15.0, 'A slope is between 15 % downhill (−15) and 15 % uphill.'],
        'across_percent' => [-15.0, 15.0, 'A slope across is between −15 % (falling to the right) and 15 %.'],
    ];

    private const STATION = [
        'length_m' => [0.1, 60.0, 'A station is between 0.1 m (4 in) and 60 m (196 ft) from the target.'],
        'grade_percent' => self::BALL['grade_percent'],
        'across_percent' => self::BALL['across_percent'],
    ];

    /**
     * @param class-string<SessionEvent> $class of the event
     *
     * @throws InvalidInput At the first field beyond its limits, or something seen that is not known.
     */
    public static function check(string $class, JsonInput $event): void
    {
        $isBall = in_array($class, [BallLogged::class, BallCorrected::class], true);
        $limits = match (true) {
            $isBall => self::BALL,
            $class === StationSet::class => self::STATION,
            default => [],
        };
        foreach ($limits as $field => [$least, $most, $sentence]) {
            if ($event->has($field) && ($event->number($field) < $least || $event->number($field) > $most)) {
                throw InvalidInput::at($event->path($field), $sentence);
            }
        }
        if ($isBall && !$event->has('stop')) {
            throw InvalidInput::missing($event->path('stop'));
        }
        foreach ($event->objectOrNull('seen')?->fields() ?? [] as $name) {
            if (!isset(ObservationTypes::all()[$name])) {
                throw InvalidInput::at($event->path("seen.$name"), 'This observation does not exist.');
            }
        }
    }
}
