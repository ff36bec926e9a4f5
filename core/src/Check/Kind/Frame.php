<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\CheckKind;
use Amble\Core\Check\MadeAttempt;
use Amble\Core\Check\Picture;
use Amble\Core\Check\PictureMark;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Session\Observation\AnswerFormat;
use Amble\Core\Session\SafetyNote;

/** The triangle of arms and shoulders kept through the stroke: repetitions are counted, nothing is scored. */
final readonly class Frame extends CheckKind
{
    private const HANDS = ['both' => 'Both hands', 'lead' => 'The lead hand alone', 'trail' => 'The trail hand alone'];

    public function __construct()
    {
        parent::__construct(
            'frame',
            'How often was the frame rehearsed?',
            [
                'Elbows in; arms and shoulders keep their triangle; wrists, legs and head stay quiet.',
                'Then one-handed strokes, the free hand steadying the far elbow.',
            ],
            [
                new CheckField('times', 'Repetitions', AnswerFormat::count(1, 60)),
                new CheckField('with', 'With', AnswerFormat::words(self::HANDS), isNeeded: false),
            ],
            Picture::Words,
            [SafetyNote::Sore],
            60,
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $times = (int) array_sum($tries->numbers('times'));

        return [
            new Finding(
                $this->question,
                sprintf('%d times in %d sets.', $times, $tries->n()),
                FindingUnit::Number,
                (float) $times,
                null,
                $tries->n(),
            ),
        ];
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark($try->try->id, $try->number('times'), self::HANDS[$try->word('with') ?? 'both'] ?? null);
    }
}
