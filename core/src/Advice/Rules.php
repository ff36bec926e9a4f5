<?php

declare(strict_types=1);

namespace Amble\Core\Advice;

use Amble\Core\Advice\Rule\AgainstComplaint;
use Amble\Core\Advice\Rule\BackstrokeTooLong;
use Amble\Core\Advice\Rule\Compensation;
use Amble\Core\Advice\Rule\FeelOff;
use Amble\Core\Advice\Rule\GateDue;
use Amble\Core\Advice\Rule\GripTightens;
use Amble\Core\Advice\Rule\HalfwayChange;
use Amble\Core\Advice\Rule\HeldMatters;
use Amble\Core\Advice\Rule\HighAndFirm;
use Amble\Core\Advice\Rule\LineReaches;
use Amble\Core\Advice\Rule\MostLeftOut;
use Amble\Core\Advice\Rule\OddBalls;
use Amble\Core\Advice\Rule\OnlyMisses;
use Amble\Core\Advice\Rule\PaceByLength;
use Amble\Core\Advice\Rule\PaceHabit;
use Amble\Core\Advice\Rule\PastTheDose;
use Amble\Core\Advice\Rule\ReadHabit;
use Amble\Core\Advice\Rule\SameAgain;
use Amble\Core\Advice\Rule\ScatterSource;
use Amble\Core\Advice\Rule\SpeedEstimated;
use Amble\Core\Advice\Rule\SpeedOfAnotherDay;
use Amble\Core\Advice\Rule\SpeedUnknown;
use Amble\Core\Advice\Rule\StartScatter;
use Amble\Core\Advice\Rule\StartSide;
use Amble\Core\Advice\Rule\StileExplains;
use Amble\Core\Advice\Rule\StrokeToday;
use Amble\Core\Advice\Rule\TargetPace;
use Amble\Core\Advice\Rule\TempoDrift;
use Amble\Core\Advice\Rule\ThinData;
use Amble\Core\Advice\Rule\ThreePutts;
use Amble\Core\Advice\Rule\ThroughNotIn;
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
            new HalfwayChange(),
            new OnlyMisses(),
            new SameAgain(),
            new OddBalls(),
            new ThinData(),
            new SpeedEstimated(),
            new MostLeftOut(),
            ...self::habits(),
        ];
    }

    /** @return list<Rule> those that tell habits, from the latest balls */
    private static function habits(): array
    {
        return [
            new StileExplains(),
            new Compensation(),
            new StartSide(),
            new StartScatter(),
            new BackstrokeTooLong(),
            new PaceHabit(),
            new PaceByLength(),
            new TargetPace(),
            new ScatterSource(),
            new TempoDrift(),
            new GripTightens(),
            new ReadHabit(),
            new HighAndFirm(),
            new ThroughNotIn(),
            new FeelOff(),
            new HeldMatters(),
            new AgainstComplaint(),
            new ThreePutts(),
            new GateDue(),
            new LineReaches(),
            new PastTheDose(),
        ];
    }
}
