<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallCounts;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;

/** The share that dropped, of balls rolled at a hole whose end somebody saw. */
final class HoledShare implements Measure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $counts = ['n' => 0, 'in' => 0, 'lengths' => []];
        foreach ($balls->balls() as $ball) {
            $hasDropped = self::hasDropped($ball);
            if ($hasDropped === null) {
                continue;
            }
            ++$counts['n'];
            $counts['in'] += (int) $hasDropped;
            $length = BallCounts::lengthKeyOf($ball);
            if ($length !== null) {
                $counts['lengths'][$length]['n'] = ($counts['lengths'][$length]['n'] ?? 0) + 1;
                $counts['lengths'][$length]['in'] = ($counts['lengths'][$length]['in'] ?? 0) + (int) $hasDropped;
            }
        }

        return $counts;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        /** @var array{n?: int, in?: non-negative-int, lengths?: array<string, array{n: int, in: int}>} $counts */
        $counts = $asked->prepared(self::class);
        $whole = Shares::counted('', $counts['in'] ?? 0, $counts['n'] ?? 0);
        if ($whole->n === 0) {
            return null;
        }
        $lengths = $counts['lengths'] ?? [];
        $rows = [];
        foreach (
            BallCounts::lengthClasses(array_map(static fn(array $its): int => $its['n'], $lengths))
            as [$length, $names, $n]
        ) {
            $in = array_sum(array_map(static fn(string $name): int => $lengths[$name]['in'], $names));
            $rows[] = Shares::counted(FigureText::metres($length), $in, $n);
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
