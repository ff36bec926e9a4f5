<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Drill\Finding\FindingRow;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\LookBack\Asked;

/** What the measures of pace share: the putts at targets, and one row a length. */
final class Pace
{
    /** @return list<DistancePutt> */
    public static function putts(Asked $asked): array
    {
        return (new ForDistance($asked->surface, $asked->pace))->putts($asked->balls);
    }

    /** Null where no ball tells a length. */
    public static function control(Asked $asked): ?DistanceControl
    {
        $putts = self::putts($asked);

        return $putts === [] ? null : DistanceControl::of($putts);
    }

    /** Balls whose error is known, exactly or at least. */
    public static function told(DistanceControl $control): int
    {
        return $control->nMeasured + $control->nCutShort;
    }

    /**
     * One row for each length, where there is more than one.
     *
     * @param \Closure(string, DistanceControl): FindingRow $row
     *
     * @return list<FindingRow>
     */
    public static function rows(Asked $asked, \Closure $row): array
    {
        $rows = [];
        foreach ($asked->byLength() as [$length, $some]) {
            $control = self::control($some);
            if ($control !== null) {
                $rows[] = $row(Say::metres($length), $control);
            }
        }

        return count($rows) < 2 ? [] : $rows;
    }
}
