<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Prepares;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePutt;

/**
 * What the measures of the stroke share: the student's own line through these balls, and the balls that tell how even
 * it is.
 */
final class Strokes implements Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $rolled = $balls->balls();
        $logs = [];
        $selection = new ForStroke($balls->surface);
        $verdicts = $selection->verdicts($rolled);
        foreach ($selection->putts($rolled, $verdicts) as $i => $putt) {
            // Three figures a ball in one list: thousands of balls are read as one.
            $session = $rolled[$i]->sessionId;
            $logs[$session][] = $putt->logBackstroke;
            $logs[$session][] = $putt->logRelativeRoll;
            $logs[$session][] = self::logTarget($rolled[$i]);
        }

        return ['logs' => $logs, 'left_out' => ForStroke::counted($verdicts)];
    }

    /**
     * ln(T/S) of a ball putted at a target, where it should finish as its level length over the speed; null of any
     * other, as strokes of a chosen length tell nothing of a student's choice.
     */
    private static function logTarget(RolledBall $ball): ?float
    {
        [$meant, $speed] = [$ball->meant(), $ball->speed()];
        if ($meant === null || $speed === null || $ball->isMeasuringStroke || $ball->task?->movesTheTarget() === true) {
            return null;
        }
        $level = (new LineRoll($speed, $ball->ball->grade))->playsLike($meant);

        return $level === null ? null : log($level / $speed->metres());
    }

    /** The line through all of these balls, those that only measured the backstroke too; null before there is one. */
    public static function line(BallSelection $asked): ?StrokeFit
    {
        return $asked->once(
            'stroke line',
            static fn(BallSelection $some): ?StrokeFit => self::fitted(self::putts($some)),
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

    /** @return array<string, positive-int> balls left out of the backstroke fit, by reason, the commonest first */
    public static function leftOut(BallSelection $asked): array
    {
        /** @var array{left_out?: array<string, positive-int>} $kept */
        $kept = $asked->prepared(self::class);
        $counts = $kept['left_out'] ?? [];
        arsort($counts);

        return $counts;
    }

    /** @return list<StrokePutt> every ball of the backstroke fit, session by session */
    public static function putts(BallSelection $asked): array
    {
        $putts = [];
        foreach (self::logs($asked) as $its) {
            for ($i = 0, $n = count($its); $i < $n; $i += 3) {
                $putts[] = StrokePutt::ofLogs((float) $its[$i], (float) $its[$i + 1]);
            }
        }

        return $putts;
    }

    /**
     * Balls of the backstroke fit that were putted at a target.
     *
     * @return list<array{StrokePutt, float, string}> each with ln(T/S), where it should finish as its level length over
     *     the speed, and its session
     */
    public static function atTargets(BallSelection $asked): array
    {
        return $asked->once('stroke at targets', static function (BallSelection $some): array {
            $putts = [];
            foreach (self::logs($some) as $session => $its) {
                for ($i = 0, $n = count($its); $i < $n; $i += 3) {
                    $target = $its[$i + 2];
                    if ($target !== null) {
                        $putts[] = [
                            StrokePutt::ofLogs((float) $its[$i], (float) $its[$i + 1]),
                            $target,
                            (string) $session,
                        ];
                    }
                }
            }

            return $putts;
        });
    }

    /** @return array<string, list<float|null>> ln backstroke, ln relative roll and ln(T/S) of ball after ball, by session */
    private static function logs(BallSelection $asked): array
    {
        /** @var array{logs?: array<string, list<float|null>>} $kept */
        $kept = $asked->prepared(self::class);

        return $kept['logs'] ?? [];
    }

    /** @param list<StrokePutt> $putts */
    private static function fitted(array $putts): ?StrokeFit
    {
        $fit = (new StrokeFitter())->fit($putts);

        return $fit->state === FitState::Fitted ? $fit : null;
    }
}
