<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** The state a green is in: a note beside its reading, never a silent correction (maths.md 1.5). */
enum Condition: string
{
    case Dew = 'dew';
    case Rain = 'rain';
    case Storm = 'storm';
    case FreshCut = 'fresh_cut';
    case Rolled = 'rolled';
    case TopDressed = 'top_dressed';
    case Cored = 'cored';
    case Grain = 'grain';
    case Wind = 'wind';
    case Sun = 'sun';
    case Cold = 'cold';

    public function label(): string
    {
        return match ($this) {
            self::Dew => 'Dew',
            self::Rain => 'Rain',
            self::Storm => 'Thunderstorm about',
            self::FreshCut => 'Fresh cut',
            self::Rolled => 'Rolled',
            self::TopDressed => 'Top-dressed',
            self::Cored => 'Cored',
            self::Grain => 'Grain',
            self::Wind => 'Wind',
            self::Sun => 'Strong sun',
            self::Cold => 'Cold',
        };
    }

    /** What it usually does to a putt: said beside the measurement, which it never changes. */
    public function expects(): string
    {
        return match ($this) {
            self::Dew => 'slower, until it dries',
            self::Rain => 'slower; standing water stops the ball',
            self::Storm => 'leave the green',
            self::FreshCut => 'faster',
            self::Rolled => 'faster and smoother',
            self::TopDressed => 'slower and bumpier',
            self::Cored => 'slower and much bumpier',
            self::Grain => 'faster with it, slower against it',
            self::Wind => 'moves slow balls, and the body',
            self::Sun => 'faster as it dries',
            self::Cold => 'stiff hands; shorter sessions',
        };
    }
}
