<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Drill\Finding\Finding;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Measure;
use Amble\Core\Reading\ReadHabit;

/** The share of the break that is called: the index of under-reading, from the same balls as the read error. */
final class ReadShare implements Measure
{
    public static function of(Asked $asked): ?Finding
    {
        $calls = [];
        foreach (ReadError::told($asked) as $side => $told) {
            foreach ($told as [$called, $real]) {
                $calls[] = [$called, $real, $side];
            }
        }

        return ReadHabit::of($calls);
    }
}
