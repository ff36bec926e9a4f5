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
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\StudentT;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Session\Observation\AnswerFormat;

/** The tempo tapped along with the stroke, and whether it drifts with the length of the putt. */
final readonly class Tempo extends CheckKind
{
    /** A drift from fewer taps, or lengths closer than this apart in ratio, is chance. */
    private const FEWEST = 5;
    private const APART = 1.5;

    public function __construct()
    {
        parent::__construct(
            'tempo',
            'Is the tempo the same at every length?',
            [
                'The student putts as usual, without a metronome.',
                'Tap as the putter starts back and at contact, for several strokes.',
                'Tap at a short putt, a middle one and a long one.',
            ],
            [
                new CheckField('bpm', 'Beats a minute', AnswerFormat::count(30, 160)),
                new CheckField('length_m', 'Length of the putt', AnswerFormat::metres(0.3, 30.0)),
            ],
            Picture::ByLength,
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $beats = $tries->numbers('bpm');
        if ($beats === []) {
            return [];
        }
        $drift = self::drift($tries);

        return [
            Figures::mean(
                'What is the tempo?',
                FindingUnit::Number,
                $beats,
                $this->inWords(...),
                static fn(float $bpm): string => sprintf('%.1f', $bpm),
            ),
            ...$drift === null ? [] : [$drift],
        ];
    }

    public function inWords(float $value): string
    {
        return sprintf('%d beats a minute', (int) round($value));
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark($try->try->id, $try->number('bpm'), length: $try->number('length_m'));
    }

    /**
     * How much quicker the tempo is at the longest length tapped than at the shortest: the slope of ln(beats) on
     * ln(length) by least squares, with Student's interval at 80 %. Null from too few taps or lengths alike.
     */
    public static function drift(CheckAttempts $tries): ?Finding
    {
        $points = array_map(
            static fn(MadeAttempt $try): array => [
                log(max(0.1, (float) $try->number('length_m'))),
                log(max(1.0, (float) $try->number('bpm'))),
            ],
            $tries->all,
        );
        $n = count($points);
        [$x, $y] = [array_column($points, 0), array_column($points, 1)];
        [$least, $most] = $x === [] ? [0.0, 0.0] : [min($x), max($x)];
        $span = $most - $least;
        if ($n < self::FEWEST || $span < log(self::APART)) {
            return null;
        }
        [$meanX, $meanY] = [array_sum($x) / $n, array_sum($y) / $n];
        $sxx = array_sum(array_map(static fn(float $each): float => ($each - $meanX) ** 2, $x));
        $slope =
            array_sum(array_map(static fn(float $a, float $b): float => ($a - $meanX) * ($b - $meanY), $x, $y)) / $sxx;
        $rest = array_sum(
            array_map(static fn(float $a, float $b): float => ($b - $meanY - $slope * ($a - $meanX)) ** 2, $x, $y),
        );
        $half = StudentT::halfWidth(Shares::LEVEL, $n - 2) * sqrt($rest / ($n - 2) / $sxx);
        $share = static fn(float $exponent): float => exp($exponent * $span) - 1.0;
        $interval = new Interval($share($slope - $half), $share($slope + $half));

        return new Finding(
            'Does the tempo drift with length?',
            sprintf(
                'From %s to %s it gets %d %% %s%s.',
                FigureText::metres(exp($least)),
                FigureText::metres(exp($most)),
                (int) round(100.0 * abs($share($slope))),
                $slope >= 0.0 ? 'quicker' : 'slower',
                $interval->contains(0.0)
                    ? ', which is not clearly a drift'
                    : sprintf(
                        ', likely %+d to %+d %%',
                        (int) round(100.0 * $interval->low),
                        (int) round(100.0 * $interval->high),
                    ),
            ),
            FindingUnit::Difference,
            $share($slope),
            $interval,
            $n,
        );
    }
}
