<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Report\Finding;

/** One thing that balls tell, however many and whenever they were rolled. One file a measure; listed in Question. */
interface Measure
{
    /** What these balls tell of it; null where none of them does. */
    public static function of(BallSelection $asked): ?Finding;
}
