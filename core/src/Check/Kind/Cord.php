<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Check\WordCheck;
use Amble\Core\Session\Observation\AnswerFormat;
use Amble\Core\Session\SafetyNote;

/** Where the student sees a raised cord while putting under it. */
final readonly class Cord extends WordCheck
{
    public function __construct()
    {
        parent::__construct(
            'cord',
            'Where does the cord cross the ball?',
            [
                'Raise a cord over the line, high enough to putt under.',
                'The student sets up and says, without moving, where the cord crosses the ball.',
            ],
            [
                new CheckField(
                    'sees',
                    'The cord lies',
                    AnswerFormat::words([
                        'inside' => 'Inside the middle',
                        'on' => 'On the middle',
                        'outside' => 'Outside the middle',
                    ]),
                ),
            ],
            'on',
            [SafetyNote::Cord, SafetyNote::Sore],
            15,
        );
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        return match ($this->mostly($tries)) {
            'inside' => 'Mostly inside: the eyes stand outside the line.',
            'outside' => 'Mostly outside: the eyes stand inside the line.',
            default => null,
        };
    }
}
