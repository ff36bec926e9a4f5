<?php

declare(strict_types=1);

namespace Amble\Core\Advice;

use Amble\Core\Advice\Rule\MostLeftOut;
use Amble\Core\Advice\Rule\OddBalls;
use Amble\Core\Advice\Rule\SameAgain;
use Amble\Core\Advice\Rule\SpeedEstimated;
use Amble\Core\Advice\Rule\SpeedOfAnotherDay;
use Amble\Core\Advice\Rule\SpeedUnknown;
use Amble\Core\Advice\Rule\StrokeToday;
use Amble\Core\Advice\Rule\ThinData;
use Amble\Core\Advice\Rule\TodayAgainstUsual;

/** The rules of advice: a new one is a file beside these and a line here. */
final class Rules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            new SpeedUnknown(),
            new SpeedOfAnotherDay(),
            new TodayAgainstUsual(),
            new StrokeToday(),
            new SameAgain(),
            new OddBalls(),
            new ThinData(),
            new SpeedEstimated(),
            new MostLeftOut(),
        ];
    }
}
