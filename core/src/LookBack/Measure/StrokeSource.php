<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Drill\Finding\Finding;
use Amble\Core\Drill\Finding\FindingRow;
use Amble\Core\Drill\Finding\FindingUnit;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\Evidence\ForStroke;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Measure;
use Amble\Core\Stroke\ScatterShares;
use Amble\Core\Stroke\StrokePutt;

/** Where the scatter at one target comes from: uneven backstrokes, or strike and tempo (maths.md 3.7). */
final class StrokeSource implements Measure
{
    /** Putts at one target below which the split says nothing. */
    public const FEWEST = 8;

    public static function of(Asked $asked): ?Finding
    {
        $shares = self::shares($asked);
        $back = $shares?->backstrokeShare();
        if ($shares === null || $back === null) {
            return null;
        }
        $n = self::putts($asked)[1];

        return new Finding(
            'Where does the scatter come from?',
            sprintf(
                '%s of it from uneven backstrokes, the rest from strike and tempo.%s',
                Say::percent($back),
                $shares->namesJoint() ? ($shares->joint > 0.0 ? ' Longer backstrokes were also struck harder.' : ' Longer backstrokes were struck softer, which hides some of it.') : '',
            ),
            FindingUnit::Share,
            $back,
            null,
            $n,
            null,
            [
                new FindingRow('From uneven backstrokes', FindingUnit::Spread, sqrt($shares->fromBackstroke), $n),
                new FindingRow('From strike and tempo', FindingUnit::Spread, sqrt($shares->fromStrike), $n),
            ],
        );
    }

    /** The split over the targets with enough putts, each about its own mean; null without such a target. */
    public static function shares(Asked $asked): ?ScatterShares
    {
        $fit = Strokes::fit($asked);
        [$groups] = self::putts($asked);
        if ($fit === null || $groups === []) {
            return null;
        }
        // Each target's putts are laid about one middle, so that lengths do not count as scatter.
        $centred = [];
        foreach ($groups as $putts) {
            $mean = array_sum(array_map(static fn(StrokePutt $putt): float => $putt->logBackstroke, $putts)) / count($putts);
            foreach ($putts as $putt) {
                $centred[] = $putt->about($mean, (float) $fit->beta());
            }
        }

        return ScatterShares::of($centred, $fit);
    }

    /** @return array{list<non-empty-list<StrokePutt>>, int} by target with enough of them, and how many in all */
    private static function putts(Asked $asked): array
    {
        $groups = [];
        $n = 0;
        foreach ($asked->byLength() as [, $some]) {
            $putts = array_values((new ForStroke($asked->surface))->putts($some->balls));
            if (count($putts) >= self::FEWEST) {
                $groups[] = $putts;
                $n += count($putts);
            }
        }

        return [$groups, $n];
    }
}
