<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Reading\ReadHabit;
use Amble\Core\Report\Finding;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/** The share of the break that is called: the index of under-reading, from the same balls as the read error. */
final class ReadShare implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $calls = [];
        foreach (ReadError::calledAndReal($asked) as $side => $told) {
            foreach ($told as [$called, $real]) {
                $calls[] = [$called, $real, $side];
            }
        }

        return ReadHabit::of($calls);
    }
}
