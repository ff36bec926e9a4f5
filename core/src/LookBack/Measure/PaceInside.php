<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Change\Comparison;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Drill\Finding\Finding;
use Amble\Core\Drill\Finding\FindingRow;
use Amble\Core\Drill\Finding\FindingUnit;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Tracked;

/** The share of balls that finish within a tenth of the length, and of the others, short against long. */
final class PaceInside implements Tracked
{
    public static function of(Asked $asked): ?Finding
    {
        $control = Pace::control($asked);
        if ($control === null || $control->insideShare === null || $control->insideInterval === null) {
            return null;
        }
        $n = self::base($asked);
        $first = Pace::control($asked->firstTries());

        return new Finding(
            'How many inside a tenth of the length?',
            sprintf(
                '%d of %d within a tenth, %s; %d shorter than meant, %d longer.',
                (int) round($control->insideShare * $n),
                $n,
                Say::likelyShare($control->insideInterval, $n),
                $control->short,
                $control->long,
            ),
            FindingUnit::Share,
            $control->insideShare,
            $control->insideInterval,
            $n,
            $first === null || $first->n === $control->n ? null : self::row('First tries', $first),
            Pace::rows($asked, self::row(...)),
            true,
        );
    }

    public static function change(Asked $then, Asked $now): ?Comparison
    {
        [$before, $after] = [self::of($then), self::of($now)];

        return $before === null ? null : $after?->since($before);
    }

    public static function words(): array
    {
        return ['more of them', 'fewer of them'];
    }

    /** Balls that tell: one cut short before the window's end does not. */
    private static function base(Asked $asked): int
    {
        return count(array_filter(Pace::putts($asked), static fn(DistancePutt $putt): bool => $putt->isInside(DistanceControl::DEFAULT_WINDOW) !== null));
    }

    private static function row(string $name, DistanceControl $control): FindingRow
    {
        return new FindingRow($name, FindingUnit::Share, $control->insideShare, $control->n, $control->insideInterval);
    }
}
