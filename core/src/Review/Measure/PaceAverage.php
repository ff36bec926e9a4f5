<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Drill\Finding\Leave;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallCounts;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;

/** How far off balls finish on average, as a share of the length, by length (maths.md 5). */
final class PaceAverage implements ComparableMeasure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $control = Pace::control($asked);
        if ($control === null || Pace::countKnownErrors($control) === 0) {
            return null;
        }
        $first = Pace::firstTries($asked);

        return new Finding(
            'Short or long?',
            Leave::sentence($control) . self::from($asked),
            FindingUnit::OfLength,
            $control->bias,
            $control->biasInterval,
            Pace::countKnownErrors($control),
            $first === null || $first->n === $control->n ? null : Leave::row('First attempts', $first),
            Pace::rows($asked, static fn(string $name, DistanceControl $some): FindingRow => Leave::row($name, $some)),
        );
    }

    public static function figure(BallSelection $session): ?SessionFigure
    {
        $control = Pace::control($session);

        return $control?->bias === null || (float) $control->biasError <= 0.0
            ? null
            : SessionFigure::of($control->bias, (float) $control->biasError);
    }

    public static function dayToDay(): float
    {
        return PeriodChange::PACE;
    }

    public static function words(): array
    {
        return ['longer', 'shorter'];
    }

    private static function from(BallSelection $asked): string
    {
        return $asked->pace <= 0.0 || BallCounts::of($asked)->atHoles === 0
            ? ''
            : sprintf(' At a hole it is measured from the planned %s past it.', FigureText::metres($asked->pace));
    }
}
