<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Evidence\ForReads;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;

/**
 * The break that was called against the break such a putt has at the pace it is played at (maths.md 2.5), metres beside
 * the hole; positive is too much. Only from putts with a known speed whose pace was inside a tenth.
 */
final class ReadError implements Measure, Prepares
{
    /** Different putts of which the true break is worked out; a student with more is told from the latest. */
    private const MOST_PUTTS = 40;

    /** Fewer reads are no spread. */
    private const FEWEST = 8;

    public static function prepare(BallSelection $balls): array
    {
        return [
            'reads' => array_map(
                static fn(CalledRead $read): array => $read->kept(),
                array_values(
                    array_filter(
                        array_map(CalledRead::of(...), (new ForReads())->of($balls->having('read_amount_m')->balls())),
                    ),
                ),
            ),
        ];
    }

    public static function of(BallSelection $asked): ?Finding
    {
        $errors = self::errors($asked);
        if ($errors === []) {
            return null;
        }
        $all = array_merge(...array_values($errors));
        $whole = Means::row('', FindingUnit::Metres, $all);
        $rows = array_map(
            static fn(string $side, array $values): FindingRow => Means::row($side, FindingUnit::Metres, $values),
            array_keys($errors),
            array_values($errors),
        );
        $mean = (float) $whole->value;

        return new Finding(
            'Called break and real break',
            sprintf(
                'On average %s %s break is called%s.',
                FigureText::metres(abs($mean)),
                $mean < 0.0 ? 'too little' : 'too much',
                $whole->interval?->contains(0.0) === true ? ', which is not clearly off' : '',
            ),
            FindingUnit::Metres,
            $mean,
            $whole->interval,
            count($all),
            null,
            count($rows) < 2 ? [] : $rows,
        );
    }

    /**
     * How widely the reads scatter as start lines, radians: a misread aims the ball past its line (maths.md 6). Null
     * while there are too few of them.
     */
    public static function spread(BallSelection $asked): ?float
    {
        $angles = array_map(
            static fn(array $told): float => atan(($told[0] - $told[1]) / $told[2]),
            array_merge(...array_values(self::calledAndReal($asked))),
        );

        return count($angles) < self::FEWEST ? null : sqrt((float) Sample::variance($angles));
    }

    /** @return array<string, non-empty-list<float>> by the way the putt curves */
    private static function errors(BallSelection $asked): array
    {
        return array_map(
            static fn(array $side): array => array_map(static fn(array $told): float => $told[0] - $told[1], $side),
            self::calledAndReal($asked),
        );
    }

    /**
     * @return array<string, non-empty-list<array{float, float, float, CalledRead}>> called and real, metres beside the
     *     hole to the high side, metres to it, and the read, by the way the putt curves, the latest first
     */
    public static function calledAndReal(BallSelection $asked): array
    {
        return $asked->once('called and real', static function (BallSelection $some): array {
            /** @var array{reads?: list<array{'left'|'right', float, float, float, float, int, float, float|null, float|null, string|null}>} $kept */
            $kept = $some->prepared(self::class);
            $real = $told = [];
            foreach (array_reverse($kept['reads'] ?? []) as $fields) {
                $read = CalledRead::restored($fields);
                $putt = $read->putt();
                if (!array_key_exists($putt, $real)) {
                    $real[$putt] = count($real) < self::MOST_PUTTS ? $read->realBreak($some->pace) : null;
                }
                if ($real[$putt] !== null) {
                    $told[LowSide::curving($read->curves, $some->hand)][] = [
                        $read->called,
                        $real[$putt],
                        $read->length,
                        $read,
                    ];
                }
            }

            return $told;
        });
    }

    /**
     * Whether it stopped within a tenth of its length, or dropped, on a green of known speed: only then its line tells
     * the read.
     */
    public static function hasSoundPace(RolledBall $ball): bool
    {
        [$target, $roll] = [$ball->ball->target, $ball->ball->rollMetres()];
        $isInside =
            $ball->ball->hasDropped() === true ||
            ($target !== null &&
                $roll !== null &&
                abs($roll - $target->metres()) <= DistanceControl::DEFAULT_WINDOW * $target->metres());

        return $isInside && $target !== null && $ball->speed() !== null;
    }
}
