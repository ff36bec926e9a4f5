<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Say;
use Amble\Core\Review\Asked;
use Amble\Core\Review\Tracked;

/** How far apart balls finish, as a share of the length: comparable across lengths and green speeds. */
final class PaceSpread implements Tracked
{
    public static function of(Asked $asked): ?Finding
    {
        $control = Pace::control($asked);
        if ($control === null || $control->spread === null) {
            return null;
        }
        $first = Pace::control($asked->firstTries());

        return new Finding(
            'How far do they spread?',
            sprintf(
                'Two balls in three finish within %s of their average%s.',
                Say::percent($control->spread),
                $control->spreadInterval === null ? '' : sprintf(', likely %s to %s', Say::percent($control->spreadInterval->low), Say::percent($control->spreadInterval->high)),
            ),
            FindingUnit::Spread,
            $control->spread,
            $control->spreadInterval,
            Pace::told($control),
            $first === null || $first->n === $control->n ? null : self::row('First tries', $first),
            Pace::rows($asked, self::row(...)),
        );
    }

    public static function figure(Asked $session): ?SessionFigure
    {
        $control = Pace::control($session);

        return (float) $control?->spread <= 0.0 || $control?->logSpreadError === null ? null : SessionFigure::of(log((float) $control->spread), $control->logSpreadError);
    }

    public static function dayToDay(): float
    {
        return PeriodChange::LOG_SPREAD;
    }

    public static function words(): array
    {
        return ['larger', 'smaller'];
    }

    private static function row(string $name, DistanceControl $control): FindingRow
    {
        return new FindingRow($name, FindingUnit::Spread, $control->spread, Pace::told($control), $control->spreadInterval);
    }
}
