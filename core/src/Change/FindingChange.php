<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;

/** How a finding stands to the same finding of an earlier session, each as a period of one day (maths.md 8.2). */
final class FindingChange
{
    /**
     * The change from the earlier finding to the later; null where either has too few balls or the unit has no shipped
     * τ₀.
     */
    public static function between(Finding $earlier, Finding $later): ?PeriodChange
    {
        [$then, $now, $dayToDay] = [self::asSession($earlier), self::asSession($later), self::dayToDay($later->unit)];

        return $then === null || $now === null || $dayToDay === null
            ? null
            : PeriodChange::of([$then], [$now], $dayToDay);
    }

    /**
     * A finding as one session's figure, on the scale on which its unit is compared: spreads as logarithms, shares as
     * logits. Null where it has no interval, or too few balls.
     */
    public static function asSession(Finding $finding): ?SessionFigure
    {
        $error = $finding->error();
        if ($finding->value === null || $error === null || $finding->n < SessionFigure::FEWEST_BALLS) {
            return null;
        }

        return match ($finding->unit) {
            FindingUnit::Share => SessionFigure::ofShare((int) round($finding->value * $finding->n), $finding->n),
            FindingUnit::Spread, FindingUnit::Degrees => $finding->value <= 0.0
                ? null
                : SessionFigure::ofSpread($finding->value, $finding->n),
            default => SessionFigure::of($finding->value, $error),
        };
    }

    /**
     * The earlier figure and the change since, in one sentence.
     *
     * @param string|null $earlierText the earlier figure in words, where its unit alone does not say all of it
     */
    public static function sentence(Finding $earlier, Finding $later, ?string $earlierText = null): string
    {
        if ($earlier->value === null) {
            return 'Last time there were not enough balls.';
        }
        $change = self::between($earlier, $later);

        return sprintf(
            'Last time %s, from %d%s.',
            $earlierText ?? self::figure($later->unit, $earlier->value),
            $earlier->n,
            $change === null ? '' : ': ' . $change->inWords('more now', 'less now'),
        );
    }

    private static function figure(FindingUnit $unit, float $value): string
    {
        return match ($unit) {
            FindingUnit::Share, FindingUnit::Spread => FigureText::percent($value),
            FindingUnit::Difference => sprintf('%+d %%', (int) round(100.0 * $value)),
            FindingUnit::OfLength => FigureText::ofLength($value),
            FindingUnit::Metres => FigureText::metres($value),
            FindingUnit::Small => FigureText::small($value),
            FindingUnit::Width => FigureText::width($value),
            FindingUnit::Angle => FigureText::degrees(deg2rad($value)),
            FindingUnit::Degrees => sprintf('%.1f°', $value),
            FindingUnit::Number => rtrim(rtrim(sprintf('%.1f', $value), '0'), '.'),
        };
    }

    /** τ₀ of maths.md 8.2 on the scale on which figures of this unit are compared; null where none is shipped. */
    private static function dayToDay(FindingUnit $unit): ?float
    {
        return match ($unit) {
            FindingUnit::OfLength => PeriodChange::PACE,
            FindingUnit::Spread, FindingUnit::Degrees => PeriodChange::LOG_SPREAD,
            FindingUnit::Share => PeriodChange::LOGIT,
            FindingUnit::Angle => PeriodChange::START_DEGREES,
            FindingUnit::Difference,
            FindingUnit::Metres,
            FindingUnit::Small,
            FindingUnit::Width,
            FindingUnit::Number
                => null,
        };
    }
}
