<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/** The leave split along and across the line: with sound pace a misread costs only its own width. */
final class LeaveAlongAndAcross implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $balls = array_values(
            array_filter(
                (new ForDistance($asked->surface))->of($asked->balls),
                static fn(RolledBall $ball): bool => $ball->ball->sight->side !== null &&
                    $ball->ball->rollMetres() !== null &&
                    !$ball->ball->isAtLeast(),
            ),
        );
        if ($balls === []) {
            return null;
        }
        $n = count($balls);
        $along =
            array_sum(
                array_map(
                    static fn(RolledBall $ball): float => abs(
                        (float) $ball->ball->rollMetres() - BallSelection::length($ball),
                    ),
                    $balls,
                ),
            ) / $n;
        $sides = array_map(static fn(RolledBall $ball): float => (float) $ball->ball->sight->side, $balls);
        $across = array_sum(array_map(abs(...), $sides)) / $n;
        $left = count(array_filter($sides, static fn(float $side): bool => $side < 0.0));
        $right = count(array_filter($sides, static fn(float $side): bool => $side > 0.0));

        return new Finding(
            'Along or across the line?',
            sprintf(
                'Off by %s along the line and %s across it; %d left, %d right.',
                FigureText::metres($along),
                FigureText::metres($across),
                $left,
                $right,
            ),
            FindingUnit::Metres,
            $along,
            null,
            $n,
            null,
            [
                new FindingRow('Along the line, either way', FindingUnit::Metres, $along, $n),
                new FindingRow('Across the line, either way', FindingUnit::Metres, $across, $n),
            ],
        );
    }
}
