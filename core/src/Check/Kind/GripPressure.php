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
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Session\Observation\AnswerFormat;

/** How firmly the putter is held, and whether that changes during the stroke. How firm is the student's own. */
final readonly class GripPressure extends CheckKind
{
    /** Half a step of ten is within what one can tell. */
    public const LEAST = 0.5;

    public function __construct()
    {
        parent::__construct(
            'grip_pressure',
            'Does the grip tighten in the stroke?',
            [
                'Use a scale from 1 (barely held) to 10 (as firm as possible).',
                'The student says how firm it is before the stroke, and how firm it was at contact.',
            ],
            [
                new CheckField('address', 'Before the stroke', AnswerFormat::count(1, 10)),
                new CheckField('impact', 'At contact', AnswerFormat::count(1, 10)),
            ],
            Picture::Rise,
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $rise = array_map(self::rise(...), $tries->all);

        return $rise === []
            ? []
            : [
                Figures::mean(
                    $this->question,
                    FindingUnit::Number,
                    $rise,
                    $this->inWords(...),
                    static fn(float $step): string => sprintf('%.1f', $step),
                    [
                        Means::row('Before the stroke', FindingUnit::Number, $tries->numbers('address') ?: [0.0]),
                        Means::row('At contact', FindingUnit::Number, $tries->numbers('impact') ?: [0.0]),
                    ],
                ),
            ];
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        $rise = $this->findings($tries, $checked)[0] ?? null;

        return $rise?->interval === null || $rise->interval->low <= 0.0 || (float) $rise->value < self::LEAST
            ? null
            : 'The grip tightens during the stroke. Where distances scatter, keep the pressure of address. How firm it is matters less.';
    }

    public function inWords(float $value): string
    {
        return abs($value) < 0.05 ? 'the same' : sprintf('%.1f %s', abs($value), $value > 0.0 ? 'tighter' : 'looser');
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark($try->try->id, $try->number('address'), to: $try->number('impact'));
    }

    private static function rise(MadeAttempt $try): float
    {
        return (float) $try->number('impact') - (float) $try->number('address');
    }
}
