<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Session\Observation\ObservationTypes;

/** How many came through, by the width in force; and what looks alone say. */
final class StartThrough implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $balls = (new ForStartLine())->of($asked->balls);
        $gated = array_values(
            array_filter($balls, static fn(RolledBall $ball): bool => $ball->ball->sight->gate !== null),
        );
        $looked = array_values(
            array_filter($asked->balls, static fn(RolledBall $ball): bool => self::look($ball) !== null),
        );
        if ($gated === [] && $looked === []) {
            return null;
        }
        $isThrough = static fn(RolledBall $ball): bool => $ball->ball->sight->word('gate') === 'through';
        $isOn = static fn(RolledBall $ball): bool => in_array(self::look($ball), ['on', 'over'], true);
        $widths = self::byWidth($gated, $isThrough);
        // Shares of different widths are never merged: what most balls were rolled at stands for itself.
        $whole =
            $gated === []
                ? Shares::row('Started on line, by eye', $looked, $isOn)
                : self::most($widths) ?? Shares::row('Through', $gated, $isThrough);

        return new Finding(
            'How many started on line?',
            sprintf(
                '%d of %d %s%s.',
                $whole->count(),
                $whole->n,
                $gated === [] ? 'by eye' : 'came through' . (count($widths) < 2 ? '' : ' the ' . lcfirst($whole->name)),
                $whole->interval === null ? '' : ', ' . FigureText::likelyShare($whole->interval, $whole->n),
            ),
            FindingUnit::Share,
            $whole->value,
            $whole->interval,
            $whole->n,
            null,
            [...$widths, ...self::byMark($gated, $isThrough), ...self::byEye($looked)],
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

    private static function look(RolledBall $ball): ?string
    {
        return $ball->ball->sight->word('start') ?? $ball->ball->sight->word('spot');
    }

    /**
     * @param list<RolledBall> $gated
     * @param \Closure(RolledBall): bool $isThrough
     *
     * @return list<FindingRow>
     */
    private static function byWidth(array $gated, \Closure $isThrough): array
    {
        $widths = [];
        foreach ($gated as $ball) {
            $widths[sprintf('%.4f', (float) $ball->aidWidth)][] = $ball;
        }
        krsort($widths, SORT_NUMERIC);
        $rows = [];
        foreach ($widths as $width => $balls) {
            $rows[] = Shares::row('Gate or line ' . FigureText::width((float) $width) . ' wide', $balls, $isThrough);
        }

        return $rows;
    }

    /**
     * What was aimed with, line, spot or neither: laid beside one another where more than one was noted.
     *
     * @param list<RolledBall> $gated
     * @param \Closure(RolledBall): bool $isThrough
     *
     * @return list<FindingRow>
     */
    private static function byMark(array $gated, \Closure $isThrough): array
    {
        $rows = [];
        foreach (ObservationTypes::all()['aligned']->answers->words as $word => $label) {
            $balls = array_values(
                array_filter(
                    $gated,
                    static fn(RolledBall $ball): bool => $ball->ball->sight->word('aligned') === $word,
                ),
            );
            if ($balls !== []) {
                $rows[] = Shares::row("Aimed with: $label", $balls, $isThrough);
            }
        }

        return count($rows) < 2 ? [] : $rows;
    }

    /**
     * @param list<RolledBall> $looked
     *
     * @return list<FindingRow>
     */
    private static function byEye(array $looked): array
    {
        return $looked === []
            ? []
            : array_map(
                static fn(string $side): FindingRow => Shares::row(
                    "By eye, $side",
                    $looked,
                    static fn(RolledBall $ball): bool => self::look($ball) === $side,
                ),
                ['left', 'right'],
            );
    }
}
