<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Grain;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\Tier;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

final class ReadComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $surface = new Ground(
            GreenSpeed::ofFeet($input->number('green_speed_ft')),
            Grade::ofPercent($input->number('grade_along_percent'), 'grade_along_percent'),
            Grade::ofPercent($input->number('grade_across_percent'), 'grade_across_percent'),
            self::tier($input->objectOrNull('tier')),
            self::grain($input->objectOrNull('grain')),
        );
        $length = Length::ofMetres($input->number('length_m'));
        $read = (new AimSolver($surface, $length, $input->number('pace_m')))->read();
        $line = $read->startLine();

        return [
            'solved' => $read->isSolved(),
            'start_line_deg' => $line === null ? null : rad2deg($line),
            'aim_offset_m' => $read->aimOffset(),
            'start_speed_m_s' => $read->startSpeed(),
            'speed_at_hole_m_s' => $read->speedAtHole(),
            'plays_like_m' => $read->playsLike(),
            'reason' => $read->reason?->value,
        ];
    }

    private static function tier(?JsonInput $tier): ?Tier
    {
        return $tier === null
            ? null
            : Tier::of($tier->number('height_m'), $tier->number('run_m'), $tier->number('start_m'), $tier->here());
    }

    private static function grain(?JsonInput $grain): ?Grain
    {
        return $grain === null
            ? null
            : Grain::of($grain->number('strength'), $grain->number('direction_deg'), $grain->here());
    }
}
