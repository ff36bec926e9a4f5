<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Ball;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\Cause;
use Amble\Core\Session\Observation\ObservationTypes;
use Amble\Core\Session\Observations;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * Reads what an event says of a ball. Lengths in metres.
 *
 * @internal
 */
final class BallReader
{
    /** @throws InvalidInput If a field is unusable. */
    public static function ball(JsonInput $event, int $version): Ball
    {
        return Ball::seen(
            self::length($event, 'backstroke_m'),
            self::length($event, 'roll_m'),
            $event->enumOrNull('stop', Stop::class) ?? Stop::Free,
            self::length($event, 'target_m'),
            self::grade($event, 'grade_percent'),
            self::remarks($event),
            $event->path('roll_m'),
            Observations::answered(self::answers($event, $version)),
            self::length($event, 'run_on_m'),
            self::grade($event, 'across_percent'),
        );
    }

    private static function length(JsonInput $event, string $field): ?Length
    {
        $metres = $event->numberOrNull($field);

        return $metres === null ? null : Length::ofMetres($metres, $event->path($field));
    }

    private static function grade(JsonInput $event, string $field): Grade
    {
        $percent = $event->numberOrNull($field);

        return $percent === null ? Grade::level() : Grade::ofPercent($percent, $event->path($field));
    }

    /** @throws InvalidInput If the mark or the cause is none there is. */
    public static function remarks(JsonInput $event): Remarks
    {
        return new Remarks($event->enumOrNull('mark', BallMark::class), $event->enumOrNull('cause', Cause::class));
    }

    /**
     * Version 1 held a few answers among the other fields; since then they stand under "seen".
     *
     * @return array<string, string|bool|int|float|null> by name
     *
     * @throws InvalidInput If an answer is none of its kind's.
     */
    public static function answers(JsonInput $event, int $version): array
    {
        $seen = $version === 1 ? $event : $event->objectOrNull('seen');

        return $seen === null ? [] : ObservationTypes::readAnswers($seen);
    }
}
