<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/**
 * Where the face pointed, which side of the object the ball passed, and the result, laid together: which part failed?
 */
final class AimObjectResult implements FindingKind
{
    /** The face points at the mark within this, metres. */
    private const AT_THE_MARK = 0.03;

    public static function label(): string
    {
        return 'Aim, object and result together';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $linked = array_values(
            array_filter(
                $run->balls,
                static fn(FindingBall $ball): bool => $ball->ball->sight->number('aim_offset_m') !== null &&
                    $ball->ball->sight->word('object') !== null &&
                    $ball->ball->hasDropped() !== null,
            ),
        );
        if ($linked === []) {
            return null;
        }
        $aimed = static fn(FindingBall $ball): bool => abs((float) $ball->ball->sight->number('aim_offset_m')) <=
            self::AT_THE_MARK;
        $outer = static fn(FindingBall $ball): bool => $ball->ball->sight->word('object') === 'outer';
        $holed = static fn(FindingBall $ball): bool => $ball->ball->hasDropped() === true;
        $missed = array_filter($linked, static fn(FindingBall $ball): bool => !$holed($ball));
        $byAim = count(array_filter($missed, static fn(FindingBall $ball): bool => !$aimed($ball)));
        $byStart = count(array_filter($missed, static fn(FindingBall $ball): bool => $aimed($ball) && !$outer($ball)));
        $n = count($linked);
        $rest = count($missed) - $byAim - $byStart;

        return new Finding(
            'Which part failed?',
            $missed === []
                ? sprintf('All %d were holed: no part failed.', $n)
                : sprintf(
                    'Of %d missed: aimed off the mark %d, aimed well but started inside the object %d, passed it and missed by distance or read %d.',
                    count($missed),
                    $byAim,
                    $byStart,
                    $rest,
                ),
            FindingUnit::Share,
            Shares::row('', $linked, $holed)->value,
            Shares::row('', $linked, $holed)->interval,
            $n,
            null,
            [
                Shares::row('Aimed at the mark', $linked, $aimed),
                Shares::row('Passed outside the object', $linked, $outer),
                Shares::row('Holed', $linked, $holed),
            ],
        );
    }
}
