<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Session\Ball;
use Amble\Core\Session\LoggedPutt;
use Amble\Core\Session\Stop;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property LoggedPutt $resource */
final class LoggedPuttResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $ball = $this->resource->ball;

        return [
            'id' => $this->resource->id,
            'at_ms' => $this->resource->atMilliseconds,
            'backstroke_m' => $ball->backstroke?->metres(),
            'roll_m' => $ball->roll?->metres(),
            'stop' => $ball->stop->value,
            'target_m' => $ball->target?->metres(),
            'grade_percent' => $ball->grade->percent(),
            'mark' => $ball->remarks->mark?->value,
            'cause' => $ball->remarks->cause?->value,
            'held' => $ball->remarks->isHeld,
            'rehearsals' => $ball->remarks->rehearsals,
            'side_m' => $ball->sight->side,
            'gate' => $ball->sight->gate?->value,
            'call' => $ball->sight->call?->value,
            'hit' => $ball->sight->hit,
            'putts_to_finish' => $ball->remarks->puttsToFinish,
            'run_id' => $this->resource->belonging->runId,
            'student' => $this->resource->belonging->student,
            'outcome' => self::outcome($ball)?->value,
            'corrections' => $this->resource->corrections,
        ];
    }

    /** Short, on or long against its target; null without a target or a judged roll. */
    private static function outcome(Ball $ball): ?LengthCall
    {
        return match (true) {
            $ball->stop === Stop::Holed => LengthCall::On,
            $ball->target === null || $ball->roll === null => null,
            default => LengthCall::of(
                $ball->roll->metres() / $ball->target->metres() - 1.0,
                DistanceControl::DEFAULT_WINDOW,
            ),
        };
    }
}
