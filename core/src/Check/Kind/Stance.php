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

/** How wide the stance is: one number, or a band of widths where it follows the length of the putt. */
final readonly class Stance extends CheckKind
{
    public function __construct()
    {
        parent::__construct(
            'stance',
            'How wide is the stance?',
            [
                'The student sets up as usual.',
                'Measure between the insides of the heels. Enter the length of the putt where the width depends on it.',
            ],
            [
                new CheckField('width_m', 'Between the heels', AnswerFormat::metres(0.0, 1.2)),
                new CheckField('length_m', 'Length of the putt', AnswerFormat::metres(0.3, 30.0), isNeeded: false),
            ],
            Picture::ByLength,
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $widths = $tries->numbers('width_m');

        return $widths === []
            ? []
            : [
                Figures::mean(
                    $this->question,
                    FindingUnit::Small,
                    $widths,
                    FigureText::small(...),
                    FigureText::small(...),
                    self::byLength($tries),
                ),
            ];
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark($try->try->id, $try->number('width_m'), length: $try->number('length_m'));
    }

    /** @return list<FindingRow> one a length, shortest first */
    private static function byLength(CheckAttempts $tries): array
    {
        $lengths = [];
        foreach ($tries->where(static fn(MadeAttempt $try): bool => $try->number('length_m') !== null)->all as $try) {
            $lengths[sprintf('%.3f', (float) $try->number('length_m'))][] = (float) $try->number('width_m');
        }
        ksort($lengths, SORT_NUMERIC);

        return array_map(
            static fn(string|int $length, array $widths): FindingRow => Means::row(
                'At ' . FigureText::metres((float) $length),
                FindingUnit::Small,
                $widths,
            ),
            array_keys($lengths),
            $lengths,
        );
    }
}
