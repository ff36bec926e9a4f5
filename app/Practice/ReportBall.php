<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Session\LoggedPutt;
use Amble\Core\Stroke\PuttUse;
use Amble\Core\Stroke\StrokePutt;

/** One ball of a report: as logged, whether it enters the fit, and its roll relative to the green. */
final readonly class ReportBall
{
    /**
     * @param StrokePutt|null $putt for fitting; null when left out
     * @param float|null $relativeRoll level-equivalent roll over green speed; null when unknown
     */
    private function __construct(
        public LoggedPutt $logged,
        public PuttUse $use,
        public ?StrokePutt $putt,
        public ?float $relativeRoll,
        public bool $isToday,
    ) {
    }

    /** @param GreenSpeed|null $speed of its green when it was rolled */
    public static function of(LoggedPutt $logged, ?GreenSpeed $speed, bool $isToday): self
    {
        $ball = $logged->ball;
        $use = PuttUse::of($ball, $speed);
        $relative = null;
        if ($speed !== null && $ball->roll !== null) {
            $level = (new LineRoll($speed, $ball->grade))->playsLike($ball->roll);
            $relative = $level === null ? null : $level / $speed->metres();
        }
        $putt = $use === PuttUse::Used && $ball->backstroke !== null && $ball->roll !== null && $speed !== null
            ? StrokePutt::of($ball->backstroke, $ball->roll, $speed, $ball->grade)
            : null;

        return new self($logged, $use, $putt, $relative, $isToday);
    }
}
