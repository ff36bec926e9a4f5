<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Green\Surface;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Session\Stop;
use Amble\Core\Stroke\StrokePutt;

/**
 * The balls of the backstroke fit (maths.md 3, opening): a measured backstroke and a full, free roll, struck
 * with the middle, on a green measured that day. Mat and grass are different surfaces and are not pooled.
 */
final class ForStroke extends Selection
{
    /** @param Surface|null $surface null where no green was chosen: only balls of no green are alike */
    public function __construct(private readonly ?Surface $surface) {}

    public function leavesOut(RolledBall $ball): ?ExcludedBalls
    {
        $seen = $ball->ball;
        $speed = $ball->speed();

        return self::marked($ball) ??
            match (true) {
                $ball->surface !== $this->surface => ExcludedBalls::OtherSurface,
                $seen->stop === Stop::Unseen => ExcludedBalls::Unmeasured,
                $seen->roll === null => ExcludedBalls::HoledUnjudged,
                // A judged run-on is a guess by eye: good for a window, not for a curve.
                $seen->stop->cutsShort() => ExcludedBalls::CutShort,
                in_array($seen->sight->word('strike'), ['toe', 'heel'], true) => ExcludedBalls::OffTheMiddle,
                $seen->backstroke === null => ExcludedBalls::NoBackstroke,
                $ball->reading?->reading->speed === null => ExcludedBalls::NoSpeed,
                $speed === null => ExcludedBalls::NotOfTheDay,
                !(new LineRoll($speed, $seen->grade))->stops() => ExcludedBalls::NeverStops,
                default => null,
            };
    }

    /**
     * The putts to fit, by the place of their ball in the list.
     *
     * @param list<RolledBall> $balls
     * @param list<ExcludedBalls|null>|null $verdicts of them, where they are known already
     *
     * @return array<int, StrokePutt>
     */
    public function putts(array $balls, ?array $verdicts = null): array
    {
        $putts = [];
        foreach ($verdicts ?? $this->verdicts($balls) as $i => $why) {
            $ball = $balls[$i];
            [$backstroke, $roll, $speed] = [$ball->ball->backstroke, $ball->ball->roll, $ball->speed()];
            if ($why === null && $backstroke !== null && $roll !== null && $speed !== null) {
                $putts[$i] = StrokePutt::of($backstroke, $roll, $speed, $ball->ball->grade);
            }
        }

        return $putts;
    }
}
