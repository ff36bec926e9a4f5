<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Drill\AidKind;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ChartedMeasure;

/**
 * The narrowest gate that was rolled at, and how many came through it: a level reached, so no change is called of it.
 */
final class GateWidth implements ChartedMeasure
{
    /** Widths closer than this are one, metres. */
    private const ALIKE = 0.0005;

    public static function of(BallSelection $asked): ?Finding
    {
        $gated = array_values(
            array_filter(
                (new ForStartLine())->of($asked->balls),
                static fn(RolledBall $ball): bool => $ball->aid === AidKind::Gate &&
                    $ball->aidWidth !== null &&
                    $ball->ball->sight->word('gate') !== null,
            ),
        );
        if ($gated === []) {
            return null;
        }
        $width = min(array_map(static fn(RolledBall $ball): float => (float) $ball->aidWidth, $gated));
        $narrowest = array_values(
            array_filter($gated, static fn(RolledBall $ball): bool => $ball->aidWidth - $width < self::ALIKE),
        );
        $through = Shares::row(
            'Through',
            $narrowest,
            static fn(RolledBall $ball): bool => $ball->ball->sight->word('gate') === 'through',
        );

        return new Finding(
            'How narrow was the gate?',
            sprintf(
                'The narrowest was %s wide; %d of %d came through it.',
                FigureText::width($width),
                $through->count(),
                $through->n,
            ),
            FindingUnit::Width,
            $width,
            null,
            $through->n,
            null,
            [$through],
        );
    }
}
