<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Physics;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Review\BallCounts;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;
use Amble\Core\Roll\Capture;

/**
 * How much of the hole's width would have caught the balls that ran past it, at the speed they came with: what is left
 * over of it is a fact, and whether far past is all right is the coach's school. v = √(2 a d) from the metres past,
 * and R_h √(1 − v/v_c) of it catches (maths.md 2.1, 2.4).
 */
final class EffectiveHoleWidth implements Measure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        return ['shares' => self::shares($balls)];
    }

    public static function of(BallSelection $asked): ?Finding
    {
        /** @var array{shares?: list<array{string, float}>} $kept */
        $kept = $asked->prepared(self::class);
        $told = $kept['shares'] ?? [];
        $shares = array_column($told, 1);
        if ($shares === []) {
            return null;
        }
        $rows = [];
        foreach (
            BallCounts::of($asked)->byLength($told, static fn(array $share): string => $share[0])
            as [$length, $some]
        ) {
            $its = array_column($some, 1);
            if ($its !== []) {
                $rows[] = Means::row(sprintf('From %s', FigureText::metres($length)), FindingUnit::Share, $its);
            }
        }
        $tooQuick = count(array_filter($shares, static fn(float $share): bool => $share === 0.0));

        return new Finding(
            'How much of the hole counts at that pace?',
            sprintf(
                'Of the %d that ran past, the hole would have caught over %d %% of its width on average%s.',
                count($shares),
                (int) round(100.0 * Sample::mean($shares)),
                $tooQuick === 0 ? '' : sprintf('; %d ran too fast for any of it', $tooQuick),
            ),
            FindingUnit::Share,
            Sample::mean($shares),
            null,
            count($shares),
            null,
            count($rows) < 2 ? [] : $rows,
        );
    }

    /** @return list<array{string, float}> length, and what caught of the hole's width, 0 to 1, of balls that ran past */
    private static function shares(BallSelection $asked): array
    {
        $shares = [];
        foreach ((new ForDistance($asked->surface))->of($asked->balls()) as $ball) {
            $speed = self::speedAtHole($ball);
            if ($speed !== null) {
                $shares[] = [
                    (string) BallCounts::lengthKeyOf($ball),
                    (Capture::offsetLimit($speed) ?? 0.0) / Physics::HOLE_RADIUS,
                ];
            }
        }

        return $shares;
    }

    /** Metres a second at the hole; null of a ball that did not pass one, or whose green's speed is not known. */
    private static function speedAtHole(RolledBall $ball): ?float
    {
        [$speed, $roll] = [$ball->speed(), $ball->ball->rollMetres()];
        if (
            $speed === null ||
            $roll === null ||
            !$ball->isAtHole ||
            $ball->ball->isAtLeast() ||
            $roll <= BallSelection::length($ball)
        ) {
            return null;
        }
        $loss = $speed->decelerationOn($ball->ball->grade);

        return $loss <= 0.0 ? null : sqrt(2.0 * $loss * ($roll - BallSelection::length($ball)));
    }
}
