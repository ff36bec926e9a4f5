<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/** The same lengths in blocks, and then mixed or one by one. */
final class BlockedAgainstMixed implements FindingKind
{
    public static function label(): string
    {
        return 'Blocked and mixed';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $blockedBalls = count($run->lengths) * $run->card->rules->ballsEach;
        $groups = $run->by(
            static fn(FindingBall $ball): ?string => match (true) {
                $ball->judged->place === null => null,
                $ball->judged->place < $blockedBalls => 'blocked',
                default => 'mixed',
            },
        );
        if (!isset($groups['blocked'], $groups['mixed'])) {
            return null;
        }
        $passes = static fn(FindingBall $ball): bool => $ball->hasPassed();
        [$blocked, $mixed] = [
            Shares::row('Passed, blocked', $groups['blocked'], $passes),
            Shares::row('Passed, mixed', $groups['mixed'], $passes),
        ];
        $difference = (float) $mixed->value - (float) $blocked->value;
        // Agresti and Caffo 2000, "Simple and effective confidence intervals", Am. Stat. 54, 280: two balls more each.
        $variance = static fn(FindingRow $row): float => (($p =
            ((float) $row->value * $row->n + 1.0) / ($row->n + 2.0)) *
            (1.0 - $p)) /
            ($row->n + 2.0);
        $interval = Interval::around(
            $difference,
            Normal::quantile(0.9) * sqrt($variance($blocked) + $variance($mixed)),
        );
        $leaves = [];
        foreach ($groups as $name => $balls) {
            $control = Leave::control($balls);
            if ($control !== null) {
                $leaves[] = Leave::row("Average leave, $name", $control);
                $leaves[] = new FindingRow(
                    "Spread, $name",
                    FindingUnit::Spread,
                    $control->spread,
                    $control->nMeasured,
                    $control->spreadInterval,
                );
            }
        }

        return new Finding(
            'Is it as good when lengths are mixed?',
            sprintf(
                '%s of %d passed in blocks, %s of %d mixed: %s.',
                FigureText::percent((float) $blocked->value),
                $blocked->n,
                FigureText::percent((float) $mixed->value),
                $mixed->n,
                $interval->contains(0.0)
                    ? 'no clear difference'
                    : ($difference < 0.0
                        ? 'fewer once they are mixed'
                        : 'more once they are mixed'),
            ),
            FindingUnit::Difference,
            $difference,
            $interval,
            $mixed->n,
            null,
            [$blocked, $mixed, ...$leaves],
            isScore: true,
        );
    }
}
