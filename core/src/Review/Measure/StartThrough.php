<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Drill\AidKind;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;
use Amble\Core\Session\Observation\ObservationTypes;

/** How many came through, by the width in force; and what looks alone say. */
final class StartThrough implements Measure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $gated = [];
        $count = static function (string $field, string $name, bool $isThrough) use (&$gated): void {
            $gated[$field][$name]['n'] = ($gated[$field][$name]['n'] ?? 0) + 1;
            $gated[$field][$name]['through'] = ($gated[$field][$name]['through'] ?? 0) + (int) $isThrough;
        };
        foreach ((new ForStartLine())->of($balls->balls()) as $ball) {
            if ($ball->ball->sight->gate !== null) {
                $isThrough = $ball->ball->sight->word('gate') === 'through';
                $count('widths', sprintf('=%.4f', (float) $ball->aidWidth), $isThrough);
                $count('marks', '=' . $ball->ball->sight->word('aligned'), $isThrough);
                if ($ball->aid === AidKind::Gate && $ball->aidWidth !== null) {
                    $count('gates', sprintf('=%.10f', $ball->aidWidth), $isThrough);
                }
            }
        }
        $looks = [];
        foreach ($balls->having('start', 'spot')->balls() as $ball) {
            $look = $ball->ball->sight->word('start') ?? $ball->ball->sight->word('spot');
            $looks[$look] = ($looks[$look] ?? 0) + 1;
        }

        return $gated + ['looks' => $looks];
    }

    /**
     * Balls past something of known size by a kind of name.
     *
     * @param 'widths'|'marks'|'gates' $field
     *
     * @return array<string, array{n: int, through: int}> by name
     */
    public static function counts(BallSelection $asked, string $field): array
    {
        /** @var array<string, array<string, array{n: int, through: int}>> $kept */
        $kept = $asked->prepared(self::class);
        $counts = [];
        foreach ($kept[$field] ?? [] as $name => $count) {
            $counts[substr($name, 1)] = $count;
        }

        return $counts;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        /** @var array{looks?: array<string, int>} $kept */
        $kept = $asked->prepared(self::class);
        $looks = $kept['looks'] ?? [];
        $looked = array_sum($looks);
        $widths = self::byWidth($asked);
        if ($widths === [] && $looked === 0) {
            return null;
        }
        // Shares of different widths are never merged: what most balls were rolled at stands for itself.
        $whole =
            self::most($widths) ??
            Shares::counted('Started on line, by eye', ($looks['on'] ?? 0) + ($looks['over'] ?? 0), $looked);

        return new Finding(
            'How many started on line?',
            sprintf(
                '%d of %d %s%s.',
                $whole->count(),
                $whole->n,
                $widths === []
                    ? 'by eye'
                    : 'came through' . (count($widths) < 2 ? '' : ' the ' . lcfirst($whole->name)),
                $whole->interval === null ? '' : ', ' . FigureText::likelyShare($whole->interval, $whole->n),
            ),
            FindingUnit::Share,
            $whole->value,
            $whole->interval,
            $whole->n,
            null,
            [...$widths, ...self::byMark($asked), ...self::byEye($looks)],
        );
    }

    /**
     * @param list<FindingRow> $widths widest first
     *
     * @return FindingRow|null the one with the most balls, of equals the narrower
     */
    private static function most(array $widths): ?FindingRow
    {
        $most = null;
        foreach ($widths as $row) {
            $most = $most === null || $row->n >= $most->n ? $row : $most;
        }

        return $most;
    }

    /** @return list<FindingRow> widest first */
    private static function byWidth(BallSelection $asked): array
    {
        $widths = self::counts($asked, 'widths');
        krsort($widths, SORT_NUMERIC);
        $rows = [];
        foreach ($widths as $width => ['n' => $n, 'through' => $through]) {
            $rows[] = Shares::counted('Gate or line ' . FigureText::width((float) $width) . ' wide', $through, $n);
        }

        return $rows;
    }

    /**
     * What was aimed with, line, spot or neither: laid beside one another where more than one was noted.
     *
     * @return list<FindingRow>
     */
    private static function byMark(BallSelection $asked): array
    {
        $marks = self::counts($asked, 'marks');
        $rows = [];
        foreach (ObservationTypes::all()['aligned']->answers->words as $word => $label) {
            if (isset($marks[$word])) {
                $rows[] = Shares::counted("Aimed with: $label", $marks[$word]['through'], $marks[$word]['n']);
            }
        }

        return count($rows) < 2 ? [] : $rows;
    }

    /**
     * @param array<string, int> $looks
     *
     * @return list<FindingRow>
     */
    private static function byEye(array $looks): array
    {
        return $looks === []
            ? []
            : array_map(
                static fn(string $side): FindingRow => Shares::counted(
                    "By eye, $side",
                    $looks[$side] ?? 0,
                    array_sum($looks),
                ),
                ['left', 'right'],
            );
    }
}
