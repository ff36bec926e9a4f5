<?php

declare(strict_types=1);

namespace Amble\Core\Report;

/** What a figure of a finding is measured in. */
enum FindingUnit: string
{
    /** From 0 to 1, shown in percent. */
    case Share = 'share';

    /** A share of the length, signed, positive long; shown in percent. */
    case OfLength = 'of_length';

    /** How much more or less of one thing than of another, a share; shown in percent with its sign. */
    case Difference = 'difference';

    /** How widely something scatters, a share; shown in percent. */
    case Spread = 'spread';
    case Metres = 'metres';

    /** Metres too, of what is measured with a hand's rule: said in inches or centimetres. */
    case Small = 'small';

    /** Metres of a gate's or line's width: in quarters of an inch, or millimetres. */
    case Width = 'width';
    case Degrees = 'degrees';

    /** Degrees to one side, positive right. */
    case Angle = 'angle';
    case Number = 'number';
}
