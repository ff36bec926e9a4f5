<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Session\Ball;

/** Writes a ball as an event says it, to be read back by BallReader: what was not looked at is not said. */
final class BallWriter
{
    /** @return array<string, mixed> without id, time and whose it is */
    public static function event(Ball $ball): array
    {
        $length = static fn(?float $metres, int $places): ?float => $metres === null ? null : round($metres, $places);

        return array_filter(
            [
                'type' => BallLogged::type(),
                'version' => BallLogged::version(),
                'backstroke_m' => $length($ball->backstroke?->metres(), 3),
                'roll_m' => $length($ball->roll?->metres(), 2),
                'run_on_m' => $length($ball->runOn?->metres(), 2),
                'stop' => $ball->stop->value,
                'target_m' => $ball->target?->metres(),
                'grade_percent' => $ball->grade->percent(),
                'across_percent' => $ball->across->percent() === 0.0 ? null : $ball->across->percent(),
                'mark' => $ball->remarks->mark?->value,
                'cause' => $ball->remarks->cause?->value,
                'seen' => (object) array_map(
                    static fn(string|bool|int|float $answer): string|bool|int|float => is_float($answer)
                        ? round($answer, 3)
                        : $answer,
                    $ball->sight->answers,
                ),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }
}
