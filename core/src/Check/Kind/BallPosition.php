<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\SideCheck;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Session\Observation\AnswerFormat;

/** Where the ball lies in the stance. */
final readonly class BallPosition extends SideCheck
{
    public function __construct()
    {
        parent::__construct(
            'ball_place',
            'Ball position in the stance',
            [
                'The student sets up as usual.',
                'Lay a rod from the middle between the heels toward the ball, and measure beside it.',
            ],
            [
                new CheckField('forward_m', 'From the middle of the stance', AnswerFormat::metres(-0.3, 0.3), [
                    'Back',
                    'Forward',
                ]),
            ],
        );
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        return match ($this->clearSide($tries, $checked)) {
            1 => 'Well forward the face looks up more, and the ball may hop. Correct it only if the roll is poor.',
            -1 => 'Well back the ball is pressed into the turf. Correct it only if the roll is poor.',
            default => null,
        };
    }
}
