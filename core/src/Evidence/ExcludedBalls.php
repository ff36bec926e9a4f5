<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

/** Why a ball does not count for a measure. */
enum ExcludedBalls: string
{
    case Mishit = 'mishit';
    case Bumps = 'bumps';
    case Distraction = 'distraction';
    case Doubt = 'doubt';
    case OtherSurface = 'other_surface';
    case Unmeasured = 'unmeasured';
    case HoledUnjudged = 'holed';
    case CutShort = 'stopped';
    case OffTheMiddle = 'off_the_middle';
    case NoBackstroke = 'no_backstroke';
    case NoSpeed = 'no_speed';
    case NotOfTheDay = 'not_of_the_day';
    case NeverStops = 'never_stops';
    case NoTarget = 'no_target';
    case ToldOtherwise = 'told_otherwise';
    case NotAsked = 'not_asked';
    case Unchecked = 'unchecked';
    case NoSize = 'no_size';
    case Straight = 'straight';
    case NoWord = 'no_word';
    case NoPutt = 'no_putt';
    case MeasuringStroke = 'measuring_stroke';
    case ByEye = 'by_eye';

    /** In plain words, as the end of "left out: …". */
    public function reason(): string
    {
        return match ($this) {
            self::Mishit => 'marked as a mishit',
            self::Bumps => 'marked as bumped off its roll',
            self::Distraction => 'marked as distracted',
            self::Doubt => 'struck in doubt',
            self::OtherSurface => 'rolled on the other kind of surface',
            self::Unmeasured => 'nobody measured where it stopped',
            self::HoledUnjudged => 'holed, and nobody judged how far it would have rolled',
            self::CutShort => 'stopped by something, so it rolled at least this far',
            self::OffTheMiddle => 'struck with toe or heel',
            self::NoBackstroke => 'no backstroke was noted',
            self::NoSpeed => 'the green speed was unknown',
            self::NotOfTheDay => 'the green was not measured that day',
            self::NeverStops => 'no ball could stop on that slope at that speed',
            self::NoTarget => 'rolled at no target',
            self::ToldOtherwise => 'told to be past or short, and judged by that',
            self::NotAsked => 'nobody looked for it',
            self::Unchecked => 'nobody checked that the gate stood square',
            self::NoSize => 'the gate or line has no size',
            self::Straight => 'the putt was straight, or nobody noted its break',
            self::NoPutt => 'rolled by hand, or played from off the green or with another club',
            self::MeasuringStroke => 'rolled to measure the backstroke',
            self::ByEye => 'its start was told by eye, and is counted apart',
            self::NoWord => 'its length could not be told',
        };
    }
}
