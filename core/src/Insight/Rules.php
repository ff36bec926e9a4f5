<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Insight\Rule\AgainstComplaint;
use Amble\Core\Insight\Rule\BackstrokeTooLong;
use Amble\Core\Insight\Rule\BallLineReach;
use Amble\Core\Insight\Rule\ChangeMarkerExplains;
use Amble\Core\Insight\Rule\Compensation;
use Amble\Core\Insight\Rule\FeltLengthOff;
use Amble\Core\Insight\Rule\FewBalls;
use Amble\Core\Insight\Rule\FinishHeldMatters;
use Amble\Core\Insight\Rule\GateStepDue;
use Amble\Core\Insight\Rule\GoodStartsNotHoled;
use Amble\Core\Insight\Rule\GripTightens;
use Amble\Core\Insight\Rule\HalfwayChange;
use Amble\Core\Insight\Rule\HighAndFirm;
use Amble\Core\Insight\Rule\LaterAttemptsCloser;
use Amble\Core\Insight\Rule\MostBallsExcluded;
use Amble\Core\Insight\Rule\OnlyMisses;
use Amble\Core\Insight\Rule\Outliers;
use Amble\Core\Insight\Rule\PaceByLength;
use Amble\Core\Insight\Rule\PaceHabit;
use Amble\Core\Insight\Rule\ReadMisses;
use Amble\Core\Insight\Rule\ScatterCause;
use Amble\Core\Insight\Rule\SpeedEstimated;
use Amble\Core\Insight\Rule\SpeedOfAnotherDay;
use Amble\Core\Insight\Rule\SpeedUnknown;
use Amble\Core\Insight\Rule\StartScatter;
use Amble\Core\Insight\Rule\StartSide;
use Amble\Core\Insight\Rule\StrokeToday;
use Amble\Core\Insight\Rule\TargetPace;
use Amble\Core\Insight\Rule\TempoDrift;
use Amble\Core\Insight\Rule\ThreePutts;
use Amble\Core\Insight\Rule\TodayAgainstUsual;
use Amble\Core\Insight\Rule\TooManyOfOnePutt;

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
            new LaterAttemptsCloser(),
            new Outliers(),
            new FewBalls(),
            new SpeedEstimated(),
            new MostBallsExcluded(),
            ...self::habits(),
        ];
    }

    /** @return list<Rule> those that tell habits, from the latest balls */
    private static function habits(): array
    {
        return [
            new ChangeMarkerExplains(),
            new Compensation(),
            new StartSide(),
            new StartScatter(),
            new BackstrokeTooLong(),
            new PaceHabit(),
            new PaceByLength(),
            new TargetPace(),
            new ScatterCause(),
            new TempoDrift(),
            new GripTightens(),
            new ReadMisses(),
            new HighAndFirm(),
            new GoodStartsNotHoled(),
            new FeltLengthOff(),
            new FinishHeldMatters(),
            new AgainstComplaint(),
            new ThreePutts(),
            new GateStepDue(),
            new BallLineReach(),
            new TooManyOfOnePutt(),
        ];
    }
}
