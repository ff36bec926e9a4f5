<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\Figures;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Check\WordCheck;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Session\Observation\AnswerFormat;

/** Which way the putter goes back, which the distance from the ball governs. */
final readonly class Takeaway extends WordCheck
{
    public function __construct()
    {
        parent::__construct(
            'takeaway',
            'Which way does the putter go back?',
            [
                'Stand behind the ball, on the line.',
                'Watch the first foot of the takeaway against a rod on the ground.',
            ],
            [
                new CheckField(
                    'went',
                    'It went back',
                    AnswerFormat::words(['inside' => 'Inside', 'straight' => 'Straight', 'outside' => 'Outside']),
                ),
                new CheckField('from_ball_m', 'Toes to the ball', AnswerFormat::metres(0.1, 0.8), isNeeded: false),
            ],
            'straight',
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $apart = $tries->numbers('from_ball_m');

        return [
            ...parent::findings($tries, $checked),
            ...$apart === []
                ? []
                : [
                    Figures::mean(
                        'How far from the ball?',
                        FindingUnit::Small,
                        $apart,
                        FigureText::small(...),
                        FigureText::small(...),
                    ),
                ],
        ];
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        return match ($this->mostly($tries)) {
            'inside' => 'Mostly inside: stand a little nearer to the ball, and check again next time.',
            'outside' => 'Mostly outside: stand a little farther off, and check again next time.',
            default => null,
        };
    }
}
