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
            self::Doubt => 'not committed',
            self::OtherSurface => 'rolled on the other kind of surface',
            self::Unmeasured => 'the finish was not measured',
            self::HoledUnjudged => 'holed, without an estimate of the full roll',
            self::CutShort => 'stopped by something, so it rolled at least this far',
            self::OffTheMiddle => 'hit with toe or heel',
            self::NoBackstroke => 'no backstroke noted',
            self::NoSpeed => 'the green speed was unknown',
            self::NotOfTheDay => 'the green was not measured that day',
            self::NeverStops => 'no ball could stop on that slope at that speed',
            self::NoTarget => 'putted without a target',
            self::ToldOtherwise => 'instructed to finish past or short, and judged by that',
            self::NotAsked => 'not observed',
            self::Unchecked => 'the gate was not checked to be square',
            self::NoSize => 'the gate or line has no size',
            self::Straight => 'the putt was straight, or its break was not noted',
            self::NoPutt => 'rolled by hand, or played from off the green or with another club',
            self::MeasuringStroke => 'rolled to measure the backstroke',
            self::ByEye => 'its start was judged by eye, and is counted separately',
            self::NoWord => 'its length is not known',
        };
    }
}
