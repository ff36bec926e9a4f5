<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Direction\Side;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Session\GateResult;
use Amble\Core\Units\Length;

/** How many started through or on line, to which side the others went, and what that says in degrees. */
final class StartLine implements FindingKind
{
    public static function label(): string
    {
        return 'Start line';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $seen = array_values(
            array_filter($run->balls, static fn(FindingBall $ball): bool => $ball->ball->sight->gate !== null),
        );
        if ($seen === []) {
            return null;
        }
        $is = static fn(GateResult $result): \Closure => static fn(FindingBall $ball): bool => $ball->ball->sight
            ->gate === $result;
        $n = count($seen);
        [$through, $left, $right] = array_map(
            static fn(GateResult $result): int => count(array_filter($seen, $is($result))),
            [GateResult::Through, GateResult::Left, GateResult::Right],
        );
        $interval = Interval::wilson($through, $n, Shares::LEVEL);
        $fit = self::fit($run, $seen);
        $rows = [
            new FindingRow(
                'Started left',
                FindingUnit::Share,
                $left / $n,
                $n,
                Interval::wilson($left, $n, Shares::LEVEL),
            ),
            new FindingRow(
                'Started right',
                FindingUnit::Share,
                $right / $n,
                $n,
                Interval::wilson($right, $n, Shares::LEVEL),
            ),
            ...self::angles($fit),
        ];
        $dropped = array_values(
            array_filter(
                $seen,
                static fn(FindingBall $ball): bool => $is(GateResult::Through)($ball) &&
                    $ball->ball->hasDropped() !== null,
            ),
        );
        if ($dropped !== [] && $run->card->rules->target->canBeHoled()) {
            $rows[] = Shares::row(
                'Holed after a good start',
                $dropped,
                static fn(FindingBall $ball): bool => $ball->ball->hasDropped() === true,
            );
        }

        return new Finding(
            'Did it start on line?',
            self::sentence($n, $through, $left, $right, $interval, $fit),
            FindingUnit::Share,
            $through / $n,
            $interval,
            $n,
            Shares::row(
                'First attempts',
                array_values(
                    array_filter(
                        $run->firstTries(),
                        static fn(FindingBall $ball): bool => $ball->ball->sight->gate !== null,
                    ),
                ),
                $is(GateResult::Through),
            ),
            $rows,
        );
    }

    private static function sentence(
        int $n,
        int $through,
        int $left,
        int $right,
        Interval $interval,
        DirectionFit $fit,
    ): string {
        $sides = match (true) {
            $through === $n => '',
            $left === 0 => '; the others went right',
            $right === 0 => '; the others went left',
            default => "; $left left, $right right",
        };
        $angle =
            $fit->bias === null || $fit->spread === null
                ? ''
                : sprintf(' On average %s, spread %.1f°.', FigureText::degrees($fit->bias), rad2deg($fit->spread));

        return sprintf(
            '%d of %d started on line, %s%s.%s',
            $through,
            $n,
            FigureText::likelyShare($interval, $n),
            $sides,
            $angle,
        );
    }

    /** @return list<FindingRow> */
    private static function angles(DirectionFit $fit): array
    {
        $degrees = static fn(?Interval $interval): ?Interval => $interval?->times(180.0 / M_PI);

        return $fit->bias === null || $fit->spread === null
            ? []
            : [
                new FindingRow(
                    'Average start',
                    FindingUnit::Angle,
                    rad2deg($fit->bias),
                    $fit->n,
                    $degrees($fit->biasInterval(Shares::LEVEL)),
                ),
                new FindingRow(
                    'Start line spread',
                    FindingUnit::Degrees,
                    rad2deg($fit->spread),
                    $fit->n,
                    $degrees($fit->spreadInterval(Shares::LEVEL)),
                ),
            ];
    }

    /** @param non-empty-list<FindingBall> $seen */
    private static function fit(FindingBalls $run, array $seen): DirectionFit
    {
        $bounds = [];
        $aid = $run->card->rules->aid;
        foreach ($seen as $ball) {
            $width = $ball->judged->aidWidth;
            if ($aid?->distance !== null && $width !== null) {
                $test = $aid->kind->test(Length::ofMetres($width), $aid->distance);
                $bounds[] = match ($ball->ball->sight->gate) {
                    GateResult::Left => $test->missed(Side::Left),
                    GateResult::Right => $test->missed(Side::Right),
                    default => $test->passed(),
                };
            }
        }

        return (new DirectionFitter())->fit($bounds);
    }
}
