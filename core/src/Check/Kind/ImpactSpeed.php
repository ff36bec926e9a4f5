<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Session\Observation\AnswerFormat;

/** How fast the putter meets the ball, metres a second. */
final readonly class ImpactSpeed extends SensorNumber
{
    public function __construct()
    {
        parent::__construct(
            'impact_speed',
            'How fast does the putter meet the ball?',
            'speed_m_s',
            'Speed at contact',
            AnswerFormat::number('m/s', 0.2, 8.0),
            '%.2f m/s',
        );
    }
}
