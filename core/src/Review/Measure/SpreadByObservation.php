<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Session\Observation\ObservationTypes;

/** How widely lengths scatter by what was seen of the stroke: compared with its n, and without a verdict. */
final class SpreadByObservation implements Measure
{
    private const KINDS = ['through', 'flow', 'strike', 'tumble', 'aligned'];

    /** Fewer balls have no spread worth a word. */
    private const FEWEST = 4;

    public static function of(BallSelection $asked): ?Finding
    {
        $rows = $parts = [];
        foreach (self::KINDS as $name) {
            $kind = self::rows($asked, $name);
            if (count($kind) > 1) {
                $rows = [...$rows, ...$kind];
                $parts[] = implode(
                    ', ',
                    array_map(
                        static fn(FindingRow $row): string => sprintf(
                            '%s %s (%d)',
                            $row->name,
                            FigureText::percent((float) $row->value),
                            $row->n,
                        ),
                        $kind,
                    ),
                );
            }
        }

        return $rows === []
            ? null
            : Finding::ofRows('Consistency by observation', implode('. ', $parts) . '.', FindingUnit::Spread, $rows);
    }

    /** @return list<FindingRow> one a word that enough balls have */
    private static function rows(BallSelection $asked, string $name): array
    {
        $kind = ObservationTypes::all()[$name];
        $seen = $asked->having($name);
        $rows = [];
        foreach ($seen->balls() === [] ? [] : $kind->answers->words as $word => $label) {
            $control = Pace::control(
                $seen->where(static fn(RolledBall $ball): bool => $ball->ball->sight->word($name) === $word),
            );
            if ($control?->spread !== null && $control->nMeasured >= self::FEWEST) {
                $rows[] = new FindingRow(
                    "$kind->question: " . lcfirst($label),
                    FindingUnit::Spread,
                    $control->spread,
                    $control->nMeasured,
                    $control->spreadInterval,
                );
            }
        }

        return $rows;
    }
}
