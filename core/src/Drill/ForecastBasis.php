<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What a forecast of balls rests on, or why there is none. */
enum ForecastBasis: string
{
    /** The drill's own count: nothing that happens changes it. */
    case Count = 'count';
    /** The student's own rate of passing. */
    case Rate = 'rate';
    /** None: too few of their putts at targets were measured. */
    case FewPutts = 'few_putts';
    /** None: its balls pass by more than their length, and that chance is not known. */
    case NotByLength = 'not_by_length';
    /** None: it ends at points or by the clock, after however many balls. */
    case OpenEnd = 'open_end';
}
