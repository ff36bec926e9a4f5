<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;

/** How far apart balls finish, as a share of the length: comparable across lengths and green speeds. */
final class PaceSpread implements ComparableMeasure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $control = Pace::control($asked);
        if ($control === null || $control->spread === null) {
            return null;
        }
        $first = Pace::firstTries($asked);

        return new Finding(
            'How consistent is the distance?',
            sprintf(
                'Two balls in three finish within %s of their average%s.',
                FigureText::percent($control->spread),
                $control->spreadInterval === null
                    ? ''
                    : sprintf(
                        ', likely %s to %s',
                        FigureText::percent($control->spreadInterval->low),
                        FigureText::percent($control->spreadInterval->high),
                    ),
            ),
            FindingUnit::Spread,
            $control->spread,
            $control->spreadInterval,
            Pace::countKnownErrors($control),
            $first === null || $first->n === $control->n ? null : self::row('First attempts', $first),
            Pace::rows($asked, self::row(...)),
        );
    }

    public static function figure(BallSelection $session): ?SessionFigure
    {
        $control = Pace::control($session);

        return (float) $control?->spread <= 0.0 || $control?->logSpreadError === null
            ? null
            : SessionFigure::of(log((float) $control->spread), $control->logSpreadError);
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
        return new FindingRow(
            $name,
            FindingUnit::Spread,
            $control->spread,
            Pace::countKnownErrors($control),
            $control->spreadInterval,
        );
    }
}
