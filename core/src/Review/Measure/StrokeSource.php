<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Stroke\ScatterSource;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokePutt;

/** Where the scatter at targets comes from: uneven backstrokes, or strike and tempo (maths.md 3.7). */
final class StrokeSource implements Measure
{
    /** Putts at targets below which the split is not shown. */
    public const FEWEST = 8;

    public static function of(BallSelection $asked): ?Finding
    {
        $source = self::source($asked);
        $back = $source?->backstrokeShare();
        if ($source === null || $back === null || $source->n < self::FEWEST) {
            return null;
        }

        return new Finding(
            'Where does the scatter come from?',
            sprintf(
                '%s %s of the scatter comes from uneven backstrokes, the rest from strike and tempo.%s',
                match ($source->isMostlyBackstroke()) {
                    true => 'Mostly the backstroke:',
                    false => 'Mostly strike and tempo:',
                    null => $source->n < ScatterSource::FEWEST_FOR_A_WORD
                        ? sprintf(
                            'Not enough balls yet (%d of about %d):',
                            $source->n,
                            ScatterSource::FEWEST_FOR_A_WORD,
                        )
                        : 'Not clearly one of the two:',
                },
                FigureText::percent($back),
                $source->namesJoint()
                    ? ($source->together > 0.0
                        ? ' Longer backstrokes were also struck harder.'
                        : ' Longer backstrokes were struck softer, which hides some of it.')
                    : '',
            ),
            FindingUnit::Share,
            $back,
            null,
            $source->n,
            null,
            [
                new FindingRow(
                    'From uneven backstrokes',
                    FindingUnit::Spread,
                    sqrt($source->fromBackstroke),
                    $source->n,
                ),
                new FindingRow('From strike and tempo', FindingUnit::Spread, sqrt($source->fromStrike), $source->n),
            ],
        );
    }

    /**
     * The split over the putts at targets, each against the backstroke its green and slope called for; null without a
     * line.
     */
    public static function source(BallSelection $asked): ?ScatterSource
    {
        $line = Strokes::line($asked);

        return $line === null || $line->beta() === 0.0
            ? null
            : ScatterSource::of(
                self::withoutDays(Strokes::atTargets($asked), $line),
                (float) $line->alpha(),
                (float) $line->beta(),
            );
    }

    /**
     * The putts with each session's mean residual taken off: that a day's green or strike differs is no unevenness.
     *
     * @param list<array{StrokePutt, float, string}> $putts
     *
     * @return list<array{StrokePutt, float}>
     */
    private static function withoutDays(array $putts, StrokeFit $line): array
    {
        $residuals = [];
        foreach ($putts as [$putt, , $session]) {
            $residuals[$session][] = (float) $line->residualOf($putt);
        }
        $means = array_map(Sample::mean(...), $residuals);

        return array_map(static fn(array $each): array => [$each[0]->longerBy(-$means[$each[2]]), $each[1]], $putts);
    }
}
