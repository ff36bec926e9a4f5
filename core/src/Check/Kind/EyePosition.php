<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\CheckKind;
use Amble\Core\Check\Figures;
use Amble\Core\Check\MadeAttempt;
use Amble\Core\Check\Picture;
use Amble\Core\Check\PictureMark;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Session\Observation\AnswerFormat;
use Amble\Core\Session\SafetyNote;

/** From where this student's eyes see a straight line straight: found by trying, and stored for nobody else. */
final readonly class EyePosition extends CheckKind
{
    public const SIDES = ['Inside the ball', 'Outside the ball'];

    private const SEEN = ['straight' => 'In line', 'left' => 'Off to the left', 'right' => 'Off to the right'];

    public function __construct()
    {
        parent::__construct(
            'eye_place',
            'Eye position: where does the student see straight?',
            [
                'Find a straight putt, and stretch a low cord over the ball and the middle of the hole.',
                'Put a second ball a foot ahead, under the cord.',
                'The student sets up, and moves in or out until cord, balls and hole look in line.',
                'Note where the eyes then are, and where they were when it looked crooked.',
                'Replace the second ball with a flush tee, and putt from that position. Pull the tee at the end.',
            ],
            [
                new CheckField('offset_m', 'The eyes are', AnswerFormat::metres(-0.2, 0.2), self::SIDES),
                new CheckField('seen', 'It looks', AnswerFormat::words(self::SEEN)),
            ],
            Picture::Beside,
            [SafetyNote::Cord, SafetyNote::Sore],
            15,
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $straight = $tries->saying('seen', 'straight')->numbers('offset_m');

        return $straight === []
            ? []
            : [
                Figures::mean(
                    $this->question,
                    FindingUnit::Small,
                    $straight,
                    $this->inWords(...),
                    FigureText::small(...),
                ),
            ];
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        return self::best($checked) === null
            ? 'No position looked straight yet: move in or out a little at a time.'
            : null;
    }

    public function inWords(float $value): string
    {
        return self::say($value);
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark($try->try->id, $try->number('offset_m'), self::SEEN[$try->word('seen') ?? ''] ?? null);
    }

    /** The place last found, metres, positive outside the ball; null while none was. */
    public static function best(StudentChecks $checked): ?float
    {
        $straight = $checked->of('eye_place')->saying('seen', 'straight')->latest()->numbers('offset_m');

        return $straight === [] ? null : Sample::mean($straight);
    }

    /** "{0.020 s} inside the ball". */
    public static function say(float $metres): string
    {
        return Figures::beside($metres, self::SIDES, 'over the ball');
    }
}
