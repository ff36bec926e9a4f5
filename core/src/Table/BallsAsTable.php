<?php

declare(strict_types=1);

namespace Amble\Core\Table;

use Amble\Core\Evidence\RolledBall;

/** Balls written as a table that reads back to the same balls: lengths in metres, angles positive right. */
final class BallsAsTable
{
    /** @return list<string> */
    public static function heads(): array
    {
        return array_keys(TableField::all());
    }

    /**
     * @param string $at the moment of the ball, as a table writes it
     *
     * @return list<string|int|float|bool|null> in the order of the heads
     */
    public static function row(RolledBall $rolled, string $at): array
    {
        $ball = $rolled->ball;
        $cells =
            [
                'at' => $at,
                'backstroke_m' => $ball->backstroke?->metres(),
                'roll_m' => $ball->roll?->metres(),
                'target_m' => $ball->target?->metres(),
                'stop' => $ball->stop->value,
                'grade_percent' => $ball->grade->percent(),
                'across_percent' => $ball->across->percent(),
            ] + $ball->sight->answers;

        return array_map(static fn(string $head): string|int|float|bool|null => $cells[$head] ?? null, self::heads());
    }
}
