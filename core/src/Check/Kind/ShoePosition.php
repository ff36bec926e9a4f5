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
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Session\Observation\AnswerFormat;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;

/**
 * Where the trail shoe stands as the stop of the backstroke: the distance from ball to shoe is fitted to roll on the
 * student's own curve, as a backstroke is (maths.md 3). Quick downhill putts have narrower places of their own.
 */
final readonly class ShoePosition extends CheckKind
{
    /** Lengths told, round in the student's unit; only those the rolls reach. */
    private const METRES = [1.5, 2.4, 3.0, 4.5, 6.0, 9.0, 12.0];
    private const FEET = [5.0, 8.0, 10.0, 15.0, 20.0, 30.0, 40.0];

    /** Fewer rolls draw no curve. */
    private const FEWEST = 4;

    public function __construct()
    {
        parent::__construct(
            'shoe_place',
            'Where does the trail shoe stand for each length?',
            [
                'Place measured tees.',
                'The inside of the trail shoe marks the end of the backstroke. Measure from the ball to it.',
                'Same smooth stroke each time; measure the roll.',
            ],
            [
                new CheckField('shoe_m', 'Ball to the inside of the shoe', AnswerFormat::metres(0.02, 1.0)),
                new CheckField('roll_m', 'It rolled', AnswerFormat::metres(0.2, 30.0)),
                new CheckField(
                    'ground',
                    'Over',
                    AnswerFormat::words(['level' => 'Level ground', 'down' => 'A quick downhill']),
                    isNeeded: false,
                ),
            ],
            Picture::ByLength,
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $downhill = $tries->saying('ground', 'down');
        $level = $tries->where(static fn(MadeAttempt $try): bool => $try->word('ground') !== 'down');

        return array_values(
            array_filter([
                $this->table($this->question, $level, $checked->unit),
                $this->table('And on a quick downhill?', $downhill, $checked->unit),
            ]),
        );
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark(
            $try->try->id,
            $try->number('shoe_m'),
            $try->word('ground') === 'down' ? 'Quick downhill' : null,
            $try->number('roll_m'),
        );
    }

    private function table(string $question, CheckAttempts $tries, Unit $unit): ?Finding
    {
        if ($tries->n() === 0) {
            return null;
        }
        $usable = self::usable($tries);
        if ($usable->n() === 0) {
            return self::tooLittle($question, $tries->n(), 'Measure the green: the positions need its speed.');
        }
        $rows = array_map(
            static fn(array $place): FindingRow => new FindingRow(
                FigureText::metres($place[0]),
                FindingUnit::Small,
                $place[1],
                $usable->n(),
            ),
            self::placesOf($usable, $unit),
        );

        return $rows === []
            ? self::tooLittle(
                $question,
                $usable->n(),
                sprintf('%d rolls at different positions make the curve.', self::FEWEST),
            )
            : new Finding(
                $question,
                sprintf(
                    'On the green as last measured, for %s: %s.',
                    $rows[0]->name,
                    FigureText::small((float) $rows[0]->value),
                ),
                FindingUnit::Small,
                $rows[0]->value,
                null,
                $usable->n(),
                null,
                $rows,
            );
    }

    private static function tooLittle(string $question, int $n, string $sentence): Finding
    {
        return new Finding($question, $sentence, FindingUnit::Small, null, null, $n);
    }

    private static function putt(MadeAttempt $try): StrokePutt
    {
        return StrokePutt::of(
            Length::ofMetres((float) $try->number('shoe_m')),
            Length::ofMetres((float) $try->number('roll_m')),
            $try->speed ?? GreenSpeed::ordinary(),
            Grade::level(),
        );
    }

    /**
     * Where the shoe stands for each length that the rolls on level ground reach.
     *
     * @param GreenSpeed|null $speed of the green it is told for; null for the green as it was measured last
     *
     * @return list<array{float, float}> length and place, metres; empty while too few rolls draw a curve
     */
    public static function places(StudentChecks $checked, ?GreenSpeed $speed = null): array
    {
        $level = $checked
            ->of('shoe_place')
            ->where(static fn(MadeAttempt $try): bool => $try->word('ground') !== 'down')
            ->latest();

        return self::placesOf(self::usable($level), $checked->unit, $speed);
    }

    private static function usable(CheckAttempts $tries): CheckAttempts
    {
        return $tries->where(
            static fn(MadeAttempt $try): bool => $try->speed !== null &&
                $try->number('shoe_m') > 0.0 &&
                $try->number('roll_m') > 0.0,
        );
    }

    /** @return list<array{float, float}> */
    private static function placesOf(CheckAttempts $usable, Unit $unit, ?GreenSpeed $speed = null): array
    {
        $speed ??= $usable->all[$usable->n() - 1]->speed ?? null;
        $rolls = $usable->numbers('roll_m');
        if ($speed === null || $usable->n() < self::FEWEST || $rolls === []) {
            return [];
        }
        $fit = (new StrokeFitter())->fit(array_map(self::putt(...), $usable->all));
        $lengths =
            $unit === Unit::Metres
                ? self::METRES
                : array_map(static fn(float $feet): float => $feet * Length::METRES_PER_FOOT, self::FEET);
        $places = [];
        foreach ($lengths as $length) {
            $answer =
                $length < 0.9 * min($rolls) || $length > 1.1 * max($rolls)
                    ? null
                    : $fit->backstrokeFor(Length::ofMetres($length), $speed, Grade::level());
            if ($answer !== null) {
                $places[] = [$length, $answer->metres];
            }
        }

        return $places;
    }
}
