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
use Amble\Core\Session\Observation\AnswerFormat;

/** A number some sensor shows after a putt, typed off it: its mean, its scatter, and how both go over the weeks. */
abstract readonly class SensorNumber extends CheckKind
{
    /**
     * @param string $field its name, which ends in its unit
     * @param string $name as the screen asks it
     * @param string $format as one is written, with its unit
     */
    protected function __construct(
        string $key,
        string $question,
        private string $field,
        string $name,
        AnswerFormat $number,
        private string $format,
    ) {
        parent::__construct(
            $key,
            $question,
            [
                'Put the sensor where its maker says, and leave it there.',
                'The student putts as usual. Type what the sensor shows, with the length of the putt where lengths differ.',
                'Sensors of two makes do not agree: keep to one.',
            ],
            [
                new CheckField($field, $name, $number),
                new CheckField('length_m', 'Length of the putt', AnswerFormat::metres(0.3, 30.0), isNeeded: false),
            ],
            Picture::ByLength,
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $numbers = $tries->numbers($this->field);

        return $numbers === []
            ? []
            : [Figures::mean($this->question, FindingUnit::Number, $numbers, $this->inWords(...), $this->size(...))];
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark($try->try->id, $try->number($this->field), length: $try->number('length_m'));
    }

    public function inWords(float $value): string
    {
        return $this->size($value);
    }

    /** How far apart two of them are, in words. */
    final protected function size(float $apart): string
    {
        return sprintf($this->format, $apart);
    }
}
