<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What a forecast of balls rests on, or why there is none. */
enum ForecastBasis: string
{
    /** The drill's own count: nothing that happens changes it. */
    case Count = 'count';
    /** The student's own chances to pass. */
    case Rate = 'rate';
    /** None: too few of their putts at targets were measured. */
    case FewPutts = 'few_putts';
    /** None: their start line cannot be told yet. */
    case FewStarts = 'few_starts';
    /** None: what passes hangs on things no evidence tells beforehand. */
    case Unknown = 'unknown';
    /** None: it ends by the clock, after however many balls. */
    case OpenEnd = 'open_end';
}
