<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Change\Change;
use Amble\Core\Change\Comparison;
use Amble\Core\Drill\Finding\Finding;
use Amble\Core\Drill\Finding\FindingUnit;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Tracked;
use Amble\Core\Numeric\ChiSquare;
use Amble\Core\Numeric\Interval;

/** How alike one backstroke rolls again and again: the spread about the student's own line (maths.md 3.3). */
final class StrokeEvenness implements Tracked
{
    public static function of(Asked $asked): ?Finding
    {
        $fit = Strokes::fit($asked);
        if ($fit === null || $fit->sigma === null || $fit->degreesOfFreedom === null) {
            return null;
        }
        $end = static fn(float $p): float => $fit->sigma * sqrt($fit->degreesOfFreedom / ChiSquare::quantile($p, $fit->degreesOfFreedom));
        $interval = new Interval($end(0.9), $end(0.1));

        return new Finding(
            'How alike does one backstroke roll?',
            sprintf(
                'One backstroke again and again spreads by %s, likely %s to %s; twice the backstroke rolls %.1f times as far.',
                Say::percent($fit->sigma),
                Say::percent($interval->low),
                Say::percent($interval->high),
                2.0 ** (float) $fit->beta(),
            ),
            FindingUnit::Spread,
            $fit->sigma,
            $interval,
            $fit->n,
        );
    }

    public static function change(Asked $then, Asked $now): ?Comparison
    {
        [$before, $after] = [Strokes::fit($then), Strokes::fit($now)];

        return $before?->sigma === null || $after?->sigma === null ? null : Change::ofSpread($before->sigma, $before->n, $after->sigma, $after->n);
    }

    public static function words(): array
    {
        return ['more alike', 'less alike'];
    }
}
