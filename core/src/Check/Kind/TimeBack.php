<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Session\Observation\AnswerFormat;

/** How long the backstroke takes, seconds. */
final readonly class TimeBack extends SensorNumber
{
    public function __construct()
    {
        parent::__construct(
            'time_back',
            'How long does the backstroke take?',
            'time_s',
            'Time back',
            AnswerFormat::number('s', 0.2, 3.0),
            '%.2f s',
        );
    }
}
