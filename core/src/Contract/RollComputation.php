<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

final class RollComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $ground = new LineRoll(
            GreenSpeed::ofFeet($input->number('green_speed_ft')),
            Grade::ofPercent($input->number('grade_percent')),
        );
        $length = Length::ofMetres($input->number('length_m'));

        return [
            'stops' => $ground->stops(),
            'start_speed_m_s' => $ground->startSpeed($length),
            'plays_like_m' => $ground->playsLike($length),
        ];
    }
}
