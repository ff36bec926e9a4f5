<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckField;
use Amble\Core\Check\WordCheck;
use Amble\Core\Session\Observation\AnswerFormat;

/** Where the hands stand at address. What is meant for this student is on the card as an exception. */
final readonly class Hands extends WordCheck
{
    public function __construct()
    {
        parent::__construct(
            'hands',
            'Where are the hands at address?',
            [
                'Look from face on, when the student is set.',
                'See whether the hands stand ahead of the ball, above it, or behind it.',
            ],
            [
                new CheckField(
                    'stand',
                    'The hands are',
                    AnswerFormat::words(['pressed' => 'Pressed forward', 'level' => 'Level', 'behind' => 'Behind']),
                ),
            ],
            'pressed',
        );
    }
}
