<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Insight\Rule\AgainstComplaint;
use Amble\Core\Insight\Rule\BackstrokeTooLong;
use Amble\Core\Insight\Rule\Compensation;
use Amble\Core\Insight\Rule\FeelOff;
use Amble\Core\Insight\Rule\GateDue;
use Amble\Core\Insight\Rule\GripTightens;
use Amble\Core\Insight\Rule\HalfwayChange;
use Amble\Core\Insight\Rule\HeldMatters;
use Amble\Core\Insight\Rule\HighAndFirm;
use Amble\Core\Insight\Rule\LineReaches;
use Amble\Core\Insight\Rule\MostLeftOut;
use Amble\Core\Insight\Rule\OddBalls;
use Amble\Core\Insight\Rule\OnlyMisses;
use Amble\Core\Insight\Rule\PaceByLength;
use Amble\Core\Insight\Rule\PaceHabit;
use Amble\Core\Insight\Rule\PastTheDose;
use Amble\Core\Insight\Rule\ReadHabit;
use Amble\Core\Insight\Rule\SameAgain;
use Amble\Core\Insight\Rule\ScatterSource;
use Amble\Core\Insight\Rule\SpeedEstimated;
use Amble\Core\Insight\Rule\SpeedOfAnotherDay;
use Amble\Core\Insight\Rule\SpeedUnknown;
use Amble\Core\Insight\Rule\StartScatter;
use Amble\Core\Insight\Rule\StartSide;
use Amble\Core\Insight\Rule\StileExplains;
use Amble\Core\Insight\Rule\StrokeToday;
use Amble\Core\Insight\Rule\TargetPace;
use Amble\Core\Insight\Rule\TempoDrift;
use Amble\Core\Insight\Rule\ThinData;
use Amble\Core\Insight\Rule\ThreePutts;
use Amble\Core\Insight\Rule\ThroughNotIn;
use Amble\Core\Insight\Rule\TodayAgainstUsual;

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
