<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Reads a putt with its backstroke from `backstroke_m`, `roll_m`, `green_speed_ft` and `grade_percent`. */
final class StrokePuttInput
{
    /** @throws InvalidInput If a field is unusable, or no ball could stop on that grade. */
    public static function putt(JsonInput $putt): StrokePutt
    {
        return StrokePutt::of(
            self::length($putt, 'backstroke_m'),
            self::length($putt, 'roll_m'),
            self::speed($putt),
            self::grade($putt),
            $putt->path('grade_percent'),
        );
    }

    /** @throws InvalidInput If the field is no length. */
    public static function length(JsonInput $object, string $field): Length
    {
        return Length::ofMetres($object->number($field), $object->path($field));
    }

    /** @throws InvalidInput If `green_speed_ft` is no green speed. */
    public static function speed(JsonInput $object): GreenSpeed
    {
        return GreenSpeed::ofFeet($object->number('green_speed_ft'), $object->path('green_speed_ft'));
    }

    /** @throws InvalidInput If `grade_percent` is no grade; level if it is missing. */
    public static function grade(JsonInput $object): Grade
    {
        return Grade::ofPercent($object->numberOr('grade_percent', 0.0), $object->path('grade_percent'));
    }
}
