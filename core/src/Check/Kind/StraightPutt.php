<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\SideCheck;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Session\Observation\AnswerFormat;
use Amble\Core\Session\SafetyNote;

/** A straight putt is found by rolling, moving sideways and rolling again: the last trial is what was found. */
final readonly class StraightPutt extends SideCheck
{
    /** A putt that breaks less is straight enough to see a line on, metres. */
    public const STRAIGHT = 0.02;

    public function __construct()
    {
        parent::__construct(
            'straight_putt',
            'Is there a straight putt here?',
            [
                'Roll a ball gently at the hole along a rod or a cord.',
                'Measure how far it curved from the straight line.',
                'Move round the hole toward the high side and roll again, until it hardly curves.',
            ],
            [
                new CheckField('break_m', 'It curved', AnswerFormat::metres(-1.0, 1.0), ['Left', 'Right']),
                new CheckField('length_m', 'Length of the putt', AnswerFormat::metres(0.3, 10.0)),
            ],
            [SafetyNote::Trip],
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $last = $tries->all[$tries->n() - 1];
        $break = (float) $last->number('break_m');

        return [
            new Finding(
                $this->question,
                sprintf(
                    '%s: the last of %s curved %s over %s.',
                    self::isStraight($break) ? 'Yes' : 'Not yet',
                    FigureText::counted($tries->n(), 'trial', 'trials'),
                    FigureText::small(abs($break)),
                    FigureText::metres((float) $last->number('length_m')),
                ),
                FindingUnit::Small,
                $break,
                null,
                $tries->n(),
            ),
        ];
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): string
    {
        return self::isStraight((float) $tries->all[$tries->n() - 1]->number('break_m'))
            ? 'Straight enough: add it as a station, and Amble offers it again on this green.'
            : 'Move toward the side it comes from, and roll again.';
    }

    private static function isStraight(float $break): bool
    {
        return abs($break) <= self::STRAIGHT;
    }
}
