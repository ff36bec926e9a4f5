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
            self::Dew => 'dew',
            self::Rain => 'rain',
            self::Storm => 'storm about',
            self::FreshCut => 'fresh cut',
            self::Rolled => 'rolled',
            self::TopDressed => 'top-dressed',
            self::Cored => 'cored',
            self::Grain => 'grain',
            self::Wind => 'wind',
            self::Sun => 'strong sun',
            self::Cold => 'cold',
        };
    }
}
