<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Review\BallSelection;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePutt;

/**
 * What the measures of the stroke share: the student's own line through these balls, and the balls that tell how even
 * it is.
 */
final class Strokes
{
    /** The line through all of these balls, those that only measured the backstroke too; null before there is one. */
    public static function line(BallSelection $asked): ?StrokeFit
    {
        return $asked->once(
            'stroke line',
            static fn(BallSelection $some): ?StrokeFit => self::fitted(
                array_values((new ForStroke($some->surface))->putts($some->balls)),
            ),
        );
    }

    /** The line through the balls putted at targets alone: how even putting is; null before there is one. */
    public static function fit(BallSelection $asked): ?StrokeFit
    {
        return $asked->once(
            'stroke',
            static fn(BallSelection $some): ?StrokeFit => self::fitted(array_column(self::atTargets($some), 0)),
        );
    }

    /**
     * Balls of the backstroke fit that were putted at a target: strokes of a chosen length tell nothing of a student's
     * choice.
     *
     * @return list<array{StrokePutt, float, string}> each with ln(T/S), where it should finish as its level length over
     *     the
     *                                                speed, and its session
     */
    public static function atTargets(BallSelection $asked): array
    {
        return $asked->once('stroke at targets', static function (BallSelection $some): array {
            $balls = array_values(
                array_filter(
                    $some->balls,
                    static fn(RolledBall $ball): bool => $ball->meant() !== null &&
                        !$ball->isMeasuringStroke &&
                        $ball->task?->movesTheTarget() !== true,
                ),
            );
            $putts = [];
            foreach ((new ForStroke($some->surface))->putts($balls) as $i => $putt) {
                [$meant, $speed] = [$balls[$i]->meant(), $balls[$i]->speed()];
                $level =
                    $meant === null || $speed === null
                        ? null
                        : (new LineRoll($speed, $balls[$i]->ball->grade))->playsLike($meant);
                if ($level !== null) {
                    $putts[] = [$putt, log($level / $speed->metres()), $balls[$i]->sessionId];
                }
            }

            return $putts;
        });
    }

    /** @param list<StrokePutt> $putts */
    private static function fitted(array $putts): ?StrokeFit
    {
        $fit = (new StrokeFitter())->fit($putts);

        return $fit->state === FitState::Fitted ? $fit : null;
    }
}
