<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\Checked;
use Amble\Core\Check\CheckKind;
use Amble\Core\Check\Field;
use Amble\Core\Check\Figures;
use Amble\Core\Check\MadeTry;
use Amble\Core\Check\Mark;
use Amble\Core\Check\Picture;
use Amble\Core\Check\Tries;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Report\Say;
use Amble\Core\Session\Caution;
use Amble\Core\Session\Observation\AnswerFormat;
use Amble\Core\Student\Question;

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
            ['The student sets up as ever.', 'Hold a ball or a plumb line at the bridge of the nose, or at the eye in question, and see where it falls.'],
            [
                new Field('offset_m', 'The eyes are', AnswerFormat::metres(-0.2, 0.2), EyePlace::SIDES),
                new Field('eye', 'Measured from', AnswerFormat::words(self::EYES)),
                new Field('over', 'Along the line it falls', AnswerFormat::words(self::OVER), isNeeded: false),
            ],
            Picture::Beside,
            [Caution::Sore],
        );
    }

    public function findings(Tries $tries, Checked $checked): array
    {
        $values = $tries->numbers('offset_m');

        return $values === [] ? [] : [Figures::mean($this->question, FindingUnit::Small, $values, EyePlace::say(...), Say::small(...), [...self::fromOwnPlace($values, $checked), ...self::parts($tries)])];
    }

    public function cue(Tries $tries, Checked $checked): string
    {
        $school = $checked->school('eyes');
        $best = EyePlace::best($checked);
        if ($school !== 'found') {
            return sprintf('%s: that is what this student is taught.', Question::all()['eyes']->answers[$school]);
        }

        return $best === null
            ? 'Right or wrong only against this student’s own place: find out from where the eyes see straight.'
            : sprintf('This student sees straight from %s.', EyePlace::say($best));
    }

    public function inWords(float $value): string
    {
        return EyePlace::say($value);
    }

    public function mark(MadeTry $try): Mark
    {
        return new Mark($try->try->id, $try->number('offset_m'));
    }

    /**
     * @param non-empty-list<float> $values
     *
     * @return list<FindingRow>
     */
    private static function fromOwnPlace(array $values, Checked $checked): array
    {
        $best = $checked->school('eyes') === 'found' ? EyePlace::best($checked) : 0.0;

        return $best === null ? [] : [Means::row(
            'Outward of where they are meant to be',
            FindingUnit::Small,
            array_map(static fn(float $value): float => $value - $best, $values),
        )];
    }

    /** @return list<FindingRow> by the eye it was measured from, and by where along the line it falls, where they differ */
    private static function parts(Tries $tries): array
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
