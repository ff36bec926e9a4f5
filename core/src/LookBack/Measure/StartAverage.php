<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Change\Change;
use Amble\Core\Change\Comparison;
use Amble\Core\Direction\OneSidedMisses;
use Amble\Core\Drill\Finding\Finding;
use Amble\Core\Drill\Finding\FindingUnit;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\Drill\Finding\Shares;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Tracked;

/** To which side balls start on average, degrees, positive right; or what bounds there are (maths.md 4.2). */
final class StartAverage implements Tracked
{
    public static function of(Asked $asked): ?Finding
    {
        $fit = StartLines::fit($asked);
        if ($fit->n === 0) {
            return null;
        }
        $interval = StartLines::inDegrees($fit->biasInterval(Shares::LEVEL));

        return new Finding(
            'To which side do they start?',
            $fit->bias === null || $interval === null ? self::untold($asked, $fit->n) : sprintf(
                'On average %s%s.%s',
                Say::degrees($fit->bias),
                $interval->contains(0.0) ? ', which is not clearly off' : sprintf(', likely %.1f° to %.1f°', $interval->low, $interval->high),
                StartLines::few($fit->n),
            ),
            FindingUnit::Angle,
            $fit->bias === null ? null : rad2deg($fit->bias),
            $interval,
            $fit->n,
        );
    }

    public static function change(Asked $then, Asked $now): ?Comparison
    {
        [$before, $after] = [StartLines::fit($then), StartLines::fit($now)];

        return $before->bias === null || $after->bias === null || $after->n < 1 || (float) $before->biasError <= 0.0 || (float) $after->biasError <= 0.0
            ? null
            : Change::ofEstimates(rad2deg($before->bias), rad2deg((float) $before->biasError), rad2deg($after->bias), rad2deg((float) $after->biasError), $after->n);
    }

    public static function words(): array
    {
        return ['further right', 'further left'];
    }

    private static function untold(Asked $asked, int $n): string
    {
        $oneSided = OneSidedMisses::in((new ForStartLine())->bounds($asked->balls));

        return $oneSided?->sentence() ?? sprintf('%s that tell a side; bounds on both sides are needed before an average can be told.', Say::counted($n, 'ball', 'balls'));
    }
}
