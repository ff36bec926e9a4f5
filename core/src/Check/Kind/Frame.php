<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\Checked;
use Amble\Core\Check\CheckKind;
use Amble\Core\Check\Field;
use Amble\Core\Check\MadeTry;
use Amble\Core\Check\Mark;
use Amble\Core\Check\Picture;
use Amble\Core\Check\Tries;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Session\Caution;
use Amble\Core\Session\Observation\AnswerFormat;

/** The triangle of arms and shoulders kept through the stroke: repetitions are counted, nothing is scored. */
final readonly class Frame extends CheckKind
{
    private const HANDS = ['both' => 'Both hands', 'lead' => 'The lead hand alone', 'trail' => 'The trail hand alone'];

    public function __construct()
    {
        parent::__construct(
            'frame',
            'How often was the frame rehearsed?',
            ['Elbows in; arms and shoulders keep their triangle; wrists, legs and head stay quiet.', 'Then one-handed strokes, the free hand steadying the far elbow.'],
            [
                new Field('times', 'Repetitions', AnswerFormat::count(1, 60)),
                new Field('with', 'With', AnswerFormat::words(self::HANDS), isNeeded: false),
            ],
            Picture::Words,
            [Caution::Sore],
            60,
        );
    }

    public function findings(Tries $tries, Checked $checked): array
    {
        $times = (int) array_sum($tries->numbers('times'));

        return [new Finding($this->question, sprintf('%d times in %d sets.', $times, $tries->n()), FindingUnit::Number, (float) $times, null, $tries->n())];
    }

    public function mark(MadeTry $try): Mark
    {
        return new Mark($try->try->id, $try->number('times'), self::HANDS[$try->word('with') ?? 'both'] ?? null);
    }
}
