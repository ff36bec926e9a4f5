<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Review\BallCounts;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/** Where balls at a hole finish from it, and from where the student plays to finish past it, metres. */
final class FinishPastHole implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $putts = Pace::putts($asked);
        $past = self::past($putts);
        $whole = $past === [] ? null : Means::row('', FindingUnit::Metres, $past);
        if ($whole?->value === null || $asked->pace <= 0.0) {
            return null;
        }
        $rows = [];
        $byLength = BallCounts::of($asked)->byLength($putts, static fn(PacePutt $putt): string => $putt->length);
        foreach ($byLength as [$length, $some]) {
            $its = self::past($some);
            if ($its !== []) {
                $rows[] = Means::row(FigureText::metres($length) . ', from the hole', FindingUnit::Metres, $its);
            }
        }
        $meant = array_map(static fn(float $metres): float => $metres - $asked->pace, $past);

        return new Finding(
            'How far past the hole, compared with the plan?',
            sprintf(
                'On average %s the hole, %s the planned %s past.',
                self::beyond($whole->value, 'past', 'short of'),
                self::beyond($whole->value - $asked->pace, 'beyond', 'short of'),
                FigureText::metres($asked->pace),
            ),
            FindingUnit::Metres,
            $whole->value,
            $whole->interval,
            count($past),
            null,
            [Means::row('From the planned finish', FindingUnit::Metres, $meant), ...$rows],
        );
    }

    private static function beyond(float $metres, string $past, string $short): string
    {
        return sprintf('%s %s', FigureText::metres(abs($metres)), $metres < 0.0 ? $short : $past);
    }

    /**
     * @param list<PacePutt> $putts
     *
     * @return list<float> metres past the hole of balls that rolled out, negative short
     */
    private static function past(array $putts): array
    {
        return array_values(
            array_filter(array_map(static fn(PacePutt $putt): ?float => $putt->past(), $putts), is_float(...)),
        );
    }
}
