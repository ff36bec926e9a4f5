<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\Checked;
use Amble\Core\Check\Field;
use Amble\Core\Check\Spoken;
use Amble\Core\Check\Tries;
use Amble\Core\Session\Caution;
use Amble\Core\Session\Observation\AnswerFormat;

/** Where the student sees a raised cord while putting under it. */
final readonly class Cord extends Spoken
{
    public function __construct()
    {
        parent::__construct(
            'cord',
            'Where does the cord seem to lie?',
            ['Raise a cord over the line, high enough to putt under.', 'The student sets up and says, without moving, where the cord crosses the ball.'],
            [new Field('sees', 'The cord lies', AnswerFormat::words(['inside' => 'Inside the middle', 'on' => 'On the middle', 'outside' => 'Outside the middle']))],
            'on',
            [Caution::Cord, Caution::Sore],
            15,
        );
    }

    public function cue(Tries $tries, Checked $checked): ?string
    {
        return match ($this->mostly($tries)) {
            'inside' => 'Mostly inside: the eyes stand outside the line.',
            'outside' => 'Mostly outside: the eyes stand inside the line.',
            default => null,
        };
    }
}
