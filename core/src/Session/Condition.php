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
}
