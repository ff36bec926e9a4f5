<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Mark;
use Amble\Core\Session\Stop;

/** Whether a logged ball enters the backstroke fit, and if not, why (maths.md 3, opening). */
enum PuttUse: string
{
    case Used = 'used';
    case Holed = 'holed';
    case Stopped = 'stopped';
    case Mishit = 'mishit';
    case Bumps = 'bumps';
    case Distraction = 'distraction';
    case Doubt = 'doubt';
    case Unmeasured = 'unmeasured';
    case NoBackstroke = 'no_backstroke';
    case NoSpeed = 'no_speed';
    case NeverStops = 'never_stops';

    /** @param GreenSpeed|null $speed of the green when it was rolled; null when unknown */
    public static function of(Ball $ball, ?GreenSpeed $speed): self
    {
        return match (true) {
            $ball->remarks->mark === Mark::Mishit => self::Mishit,
            $ball->remarks->mark === Mark::Bumps => self::Bumps,
            $ball->remarks->mark === Mark::Distraction => self::Distraction,
            $ball->remarks->mark === Mark::Doubt => self::Doubt,
            $ball->stop === Stop::Unseen => self::Unmeasured,
            $ball->roll === null => self::Holed,
            $ball->stop !== Stop::Free && $ball->stop !== Stop::Holed => self::Stopped,
            $ball->backstroke === null => self::NoBackstroke,
            $speed === null => self::NoSpeed,
            !(new LineRoll($speed, $ball->grade))->stops() => self::NeverStops,
            default => self::Used,
        };
    }

    /** Why a ball was left out, in plain words; null when it was used. */
    public function reason(): ?string
    {
        return match ($this) {
            self::Used => null,
            self::Holed => 'holed, and nobody judged how far it would have rolled',
            self::Stopped => 'stopped by something, so it rolled at least this far',
            self::Mishit => 'marked as a mishit',
            self::Bumps => 'marked as bumped off its roll',
            self::Distraction => 'marked as distracted',
            self::Doubt => 'struck in doubt',
            self::Unmeasured => 'nobody measured where it stopped',
            self::NoBackstroke => 'no backstroke was noted',
            self::NoSpeed => 'the green speed was unknown',
            self::NeverStops => 'no ball could stop on that slope at that speed',
        };
    }
}
