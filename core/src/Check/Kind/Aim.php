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

/** Where the face points before the stroke: the angle to the mark is atan(offset ÷ distance) (maths.md 4.3). */
final readonly class Aim extends CheckKind
{
    private const BREAKS = ['straight' => 'Straight', 'left' => 'Curving left', 'right' => 'Curving right'];

    public function __construct()
    {
        parent::__construct(
            'aim',
            'Where does the face point?',
            [
                'Set a mark on a putt with a known break, and measure its distance.',
                'The student aims as usual and holds still. Say nothing.',
                'Read where the face points, at the mark: by a mirror or an aiming light, or as an angle on a drawn line.',
                'Step off, and aim again. Six attempts show a habit.',
            ],
            [
                new CheckField('offset_m', 'Off the mark', AnswerFormat::metres(-1.0, 1.0), ['Left', 'Right']),
                new CheckField('at_m', 'Distance of the mark', AnswerFormat::metres(0.3, 12.0)),
                new CheckField(
                    'by',
                    'Read by',
                    AnswerFormat::words([
                        'mirror' => 'A mirror',
                        'light' => 'An aiming light',
                        'line' => 'A drawn line',
                        'simulated' => 'A simulated light',
                    ]),
                ),
                new CheckField('break', 'The putt is', AnswerFormat::words(self::BREAKS), isNeeded: false),
            ],
            Picture::Beside,
            [SafetyNote::Light, SafetyNote::Mirrors],
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $angles = self::degrees($tries);

        return $angles === []
            ? []
            : [
                Figures::mean(
                    $this->question,
                    FindingUnit::Angle,
                    $angles,
                    $this->inWords(...),
                    static fn(float $degrees): string => sprintf('%.1f°', $degrees),
                    self::parts($tries),
                ),
            ];
    }

    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        $finding = $this->findings($tries, $checked)[0] ?? null;

        return $finding?->interval === null || $finding->interval->contains(0.0)
            ? null
            : 'See where balls start before you correct either: a stroke that makes up for the aim misses once the aim is right.';
    }

    public function inWords(float $value): string
    {
        return FigureText::degrees(deg2rad($value));
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark(
            $try->try->id,
            rad2deg(self::angle($try)),
            self::BREAKS[$try->word('break') ?? ''] ?? null,
        );
    }

    /** Radians, positive right. */
    public static function angle(MadeAttempt $try): float
    {
        return atan((float) $try->number('offset_m') / max(0.01, (float) $try->number('at_m')));
    }

    /** @return list<FindingRow> each break, and what a drawn line says, which is rougher */
    private static function parts(CheckAttempts $tries): array
    {
        $parts = array_map(
            static fn(string $break): CheckAttempts => $tries->saying('break', $break),
            array_combine(array_keys(self::BREAKS), array_keys(self::BREAKS)),
        );
        $rows = [];
        foreach (
            [
                ...array_combine(array_values(self::BREAKS), $parts),
                'On a drawn line (less exact)' => $tries->saying('by', 'line'),
            ]
            as $name => $part
        ) {
            $angles = self::degrees($part);
            if ($angles !== [] && count($angles) < $tries->n()) {
                $rows[] = Means::row($name, FindingUnit::Angle, $angles);
            }
        }

        return $rows;
    }

    /** @return list<float> */
    private static function degrees(CheckAttempts $tries): array
    {
        return array_map(static fn(MadeAttempt $try): float => rad2deg(self::angle($try)), $tries->all);
    }
}
