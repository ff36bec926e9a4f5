<?php

declare(strict_types=1);

namespace Amble\Core\Check;

/** How what was measured is drawn. */
enum Picture: string
{
    /** Each try beside a middle, as seen from above or behind. */
    case Beside = 'beside';

    /** How many tries each word has. */
    case Words = 'words';

    /** A figure over the length of the putt. */
    case ByLength = 'by_length';

    /** From one figure to another, a line a try. */
    case Rise = 'rise';
}
