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

/**
 * Whether the putter meets the ball going down, level or up: a coach's note, and a number only where it was measured.
 */
final readonly class LowPoint extends WordCheck
{
    private const SIDES = ['Before the ball', 'After the ball'];

    public function __construct()
    {
        parent::__construct(
            'low_point',
            'Does the putter come down, or up?',
            [
                'Watch from face on, close to the ground.',
                'Note the position of the lowest point if you measured it. The word alone is enough.',
            ],
            [
                new CheckField(
                    'struck',
                    'It met the ball',
                    AnswerFormat::words(['down' => 'Going down', 'level' => 'Level', 'up' => 'Going up']),
                ),
                new CheckField('low_m', 'Lowest point', AnswerFormat::metres(-0.2, 0.2), self::SIDES, false),
            ],
            'level',
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $measured = $tries->numbers('low_m');
        $say = static fn(float $metres): string => Figures::beside($metres, self::SIDES, 'at the ball');

        return [
            ...parent::findings($tries, $checked),
            ...$measured === []
                ? []
                : [
                    Figures::mean(
                        'Where is the lowest point?',
                        FindingUnit::Small,
                        $measured,
                        $say,
                        FigureText::small(...),
                    ),
                ],
        ];
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        return match ($this->mostly($tries)) {
            'down'
                => 'Mostly going down: the ball may be pressed, hop, and roll late. Check the loft and the ball position.',
            'up' => 'Mostly going up: a ball struck thin skids. Check the ball position.',
            default => null,
        };
    }
}
