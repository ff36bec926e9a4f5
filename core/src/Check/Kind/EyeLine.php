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
use Amble\Core\Report\FigureText;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Session\Observation\AnswerFormat;
use Amble\Core\Session\SafetyNote;
use Amble\Core\Student\PreferenceQuestion;

/** Where the eyes are over the ball, held against the place this student sees straight from. */
final readonly class EyeLine extends CheckKind
{
    private const EYES = ['both' => 'Between the eyes', 'lead' => 'The lead eye', 'trail' => 'The trail eye'];
    private const OVER = ['middle' => 'Over the middle', 'back' => 'Over the back edge', 'behind' => 'Behind the ball'];

    public function __construct()
    {
        parent::__construct(
            'eye_line',
            'Where are the eyes over the ball?',
            [
                'The student sets up as usual.',
                'Hold a ball or a plumb line at the bridge of the nose, or at the eye in question, and see where it falls.',
            ],
            [
                new CheckField('offset_m', 'The eyes are', AnswerFormat::metres(-0.2, 0.2), EyePosition::SIDES),
                new CheckField('eye', 'Measured from', AnswerFormat::words(self::EYES)),
                new CheckField('over', 'Along the line it falls', AnswerFormat::words(self::OVER), isNeeded: false),
            ],
            Picture::Beside,
            [SafetyNote::Sore],
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $values = $tries->numbers('offset_m');

        return $values === []
            ? []
            : [
                Figures::mean(
                    $this->question,
                    FindingUnit::Small,
                    $values,
                    EyePosition::say(...),
                    FigureText::small(...),
                    [...self::fromOwnPlace($values, $checked), ...self::parts($tries)],
                ),
            ];
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): string
    {
        $school = $checked->school('eyes');
        $best = EyePosition::best($checked);
        if ($school !== 'found') {
            return sprintf(
                '%s: that is what this student is taught.',
                PreferenceQuestion::all()['eyes']->answers[$school],
            );
        }

        return $best === null
            ? 'This is right or wrong only for this student’s own eye position: find out where the student sees straight.'
            : sprintf('This student sees straight from %s.', EyePosition::say($best));
    }

    public function inWords(float $value): string
    {
        return EyePosition::say($value);
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark($try->try->id, $try->number('offset_m'));
    }

    /**
     * @param non-empty-list<float> $values
     *
     * @return list<FindingRow>
     */
    private static function fromOwnPlace(array $values, StudentChecks $checked): array
    {
        $best = $checked->school('eyes') === 'found' ? EyePosition::best($checked) : 0.0;

        return $best === null
            ? []
            : [
                Means::row(
                    'Outside the intended place',
                    FindingUnit::Small,
                    array_map(static fn(float $value): float => $value - $best, $values),
                ),
            ];
    }

    /**
     * @return list<FindingRow> by the eye it was measured from, and by where along the line it falls, where they differ
     */
    private static function parts(CheckAttempts $tries): array
    {
        $rows = [];
        foreach (['eye' => self::EYES, 'over' => self::OVER] as $field => $words) {
            foreach ($words as $word => $label) {
                $values = $tries->saying($field, $word)->numbers('offset_m');
                if ($values !== [] && count($values) < $tries->n()) {
                    $rows[] = Means::row($label, FindingUnit::Small, $values);
                }
            }
        }

        return $rows;
    }
}
