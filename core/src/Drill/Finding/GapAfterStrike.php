<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Drill\BallTask;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/** How far two balls lie apart after one struck the other, soft and firm apart. */
final class GapAfterStrike implements FindingKind
{
    public static function label(): string
    {
        return 'Gap after the strike';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $hit = array_values(
            array_filter(
                $run->balls,
                static fn(FindingBall $ball): bool => $ball->ball->sight->hit === true &&
                    $ball->ball->sight->number('gap_m') !== null,
            ),
        );
        if ($hit === []) {
            return null;
        }
        $rows = $parts = [];
        foreach (['soft' => BallTask::Soft, 'firm' => BallTask::Firm] as $name => $task) {
            $told = array_values(
                array_filter($hit, static fn(FindingBall $ball): bool => $ball->judged->task === $task),
            );
            if ($told === []) {
                continue;
            }
            $gap = Sample::mean(
                array_map(static fn(FindingBall $ball): float => (float) $ball->ball->sight->number('gap_m'), $told),
            );
            $rows[] = new FindingRow("Apart, $name", FindingUnit::Metres, $gap, count($told));
            $rows[] = Shares::row(
                "Inside its band, $name",
                $told,
                static fn(FindingBall $ball): bool => $ball->hasPassed(),
            );
            $parts[] = sprintf('struck %s they finish %s apart', $name, FigureText::metres($gap));
        }
        $inside = Shares::row('', $hit, static fn(FindingBall $ball): bool => $ball->hasPassed());

        return $parts === []
            ? null
            : new Finding(
                'How far apart do the two finish?',
                sprintf(
                    '%s; %d of %d as told.',
                    ucfirst(implode(', ', $parts)),
                    (int) round((float) $inside->value * $inside->n),
                    $inside->n,
                ),
                FindingUnit::Share,
                $inside->value,
                $inside->interval,
                $inside->n,
                null,
                $rows,
            );
    }
}
