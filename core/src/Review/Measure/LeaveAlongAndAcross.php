<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\ForDistance;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;

/** The leave split along and across the line: with sound pace a misread costs only its own width. */
final class LeaveAlongAndAcross implements Measure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $sums = ['n' => 0, 'along' => 0.0, 'across' => 0.0, 'left' => 0, 'right' => 0];
        foreach ((new ForDistance($balls->surface))->of($balls->balls()) as $ball) {
            [$side, $roll] = [$ball->ball->sight->side, $ball->ball->rollMetres()];
            if ($side !== null && $roll !== null && !$ball->ball->isAtLeast()) {
                ++$sums['n'];
                $sums['along'] += abs($roll - BallSelection::length($ball));
                $sums['across'] += abs($side);
                $sums['left'] += (int) ($side < 0.0);
                $sums['right'] += (int) ($side > 0.0);
            }
        }

        return $sums;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        /** @var array{n?: int, along?: float, across?: float, left?: int, right?: int} $sums */
        $sums = $asked->prepared(self::class);
        $n = $sums['n'] ?? 0;
        if ($n === 0) {
            return null;
        }
        [$along, $across] = [($sums['along'] ?? 0.0) / $n, ($sums['across'] ?? 0.0) / $n];
        [$left, $right] = [$sums['left'] ?? 0, $sums['right'] ?? 0];

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
