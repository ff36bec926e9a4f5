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
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Ground;

/**
 * The break that was called against the break such a putt has at the pace it is played at (maths.md 2.5), metres beside
 * the hole; positive is too much. Only from putts with a known speed whose pace was inside a tenth.
 */
final class ReadError implements Measure
{
    /** Different putts of which the true break is worked out; a student with more is told from the latest. */
    private const MOST_PUTTS = 40;

    /** Fewer reads are no spread. */
    private const FEWEST = 8;

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
     * @return array<string, non-empty-list<array{float, float, float, RolledBall}>> called and real, metres beside the
     *     hole to the high side, metres to it, and the ball, by the way the putt curves
     */
    public static function calledAndReal(BallSelection $asked): array
    {
        $real = $told = [];
        $called = array_values(array_filter((new ForReads())->of($asked->balls), self::isUsable(...)));
        foreach (LowSide::bySide($asked, array_reverse($called)) as $side => $balls) {
            foreach ($balls as $ball) {
                $putt = sprintf(
                    '%.2f %.4f %.4f %.3f',
                    BallSelection::length($ball),
                    $ball->ball->grade->ratio(),
                    $ball->ball->across->ratio(),
                    (float) $ball->speed()?->metres(),
                );
                if (!array_key_exists($putt, $real)) {
                    $real[$putt] =
                        count($real) < self::MOST_PUTTS
                            ? self::break($ball, $ball->isAtHole ? $asked->pace : 0.0)
                            : null;
                }
                if ($real[$putt] !== null) {
                    $told[$side][] = [self::called($ball), $real[$putt], BallSelection::length($ball), $ball];
                }
            }
        }

        return $told;
    }

    /** Metres to the high side; negative where it was read to break the other way. */
    private static function called(RolledBall $ball): float
    {
        $amount = (float) $ball->ball->sight->number('read_amount_m');
        $side = $ball->ball->sight->word('read_side');
        $isOther = $side !== null && $side !== 'straight' && ($side === 'left') !== $ball->ball->across->ratio() > 0.0;

        return $isOther ? -$amount : $amount;
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

    private static function isUsable(RolledBall $ball): bool
    {
        return self::hasSoundPace($ball) && $ball->ball->sight->number('read_amount_m') !== null;
    }

    /** Metres beside the hole to aim, whichever side; null where no line holds. */
    private static function break(RolledBall $ball, float $pace): ?float
    {
        [$speed, $target] = [$ball->speed(), $ball->ball->target];
        if ($speed === null || $target === null) {
            return null;
        }
        $surface = new Ground($speed, $ball->ball->grade, $ball->ball->across);
        $aim = (new AimSolver($surface, $target, $pace))->read()->aimOffset();

        return $aim === null ? null : abs($aim);
    }
}
