<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/** The share that dropped, of balls rolled at a hole whose end somebody saw. */
final class HoledShare implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $balls = array_values(
            array_filter($asked->balls, static fn(RolledBall $ball): bool => self::hasDropped($ball) !== null),
        );
        if ($balls === []) {
            return null;
        }
        $isIn = static fn(RolledBall $ball): bool => self::hasDropped($ball) === true;
        $whole = Shares::row('', $balls, $isIn);
        $rows = [];
        foreach ($asked->with($balls)->byLength() as [$length, $some]) {
            $rows[] = Shares::row(FigureText::metres($length), $some->balls, $isIn);
        }

        return new Finding(
            question: 'How many dropped?',
            sentence: sprintf(
                '%d of %d%s.',
                $whole->count(),
                $whole->n,
                $whole->interval === null ? '' : ', ' . FigureText::likelyShare($whole->interval, $whole->n),
            ),
            unit: FindingUnit::Share,
            value: $whole->value,
            interval: $whole->interval,
            n: $whole->n,
            first: null,
            rows: count($rows) < 2 ? [] : $rows,
            isScore: true,
        );
    }

    /** Null where there was no hole, or nobody was asked: a ball nobody asked about is not a miss. */
    public static function hasDropped(RolledBall $ball): ?bool
    {
        return $ball->isAtHole ? $ball->ball->hasDropped() : $ball->ball->sight->flag('dropped');
    }
}
