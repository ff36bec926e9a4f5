<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Check\WordCheck;
use Amble\Core\Session\Observation\AnswerFormat;

/** Whether rehearsals had a target, and were alike. */
final readonly class Rehearsal extends WordCheck
{
    public function __construct()
    {
        parent::__construct(
            'rehearsal',
            'Do the rehearsals have a target?',
            [
                'Watch the rehearsals before each putt, not the putt.',
                'Note whether they were of one length, made for this putt.',
            ],
            [
                new CheckField(
                    'was',
                    'The rehearsal was',
                    AnswerFormat::words([
                        'aimed' => 'Made for this putt',
                        'varied' => 'A different one each time',
                        'empty' => 'Without a target',
                    ]),
                ),
            ],
            'aimed',
        );
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        return in_array($this->mostly($tries), ['varied', 'empty'], true)
            ? 'Build a new routine: choose one on the student’s profile, and tick it ball by ball.'
            : null;
    }
}
