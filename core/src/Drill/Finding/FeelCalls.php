<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Feel\FeelReport;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/** Calls before looking against what happened. */
final class FeelCalls implements FindingKind
{
    /** A lean of so many steps a ball is worth saying. */
    /** An agreement this little beyond chance is none. */
    private const BEYOND_CHANCE = 0.05;
    private const LEANS = 0.15;

    public static function label(): string
    {
        return 'Calls against results';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $pairs = [];
        foreach ($run->balls as $ball) {
            if ($ball->ball->sight->call !== null && $ball->judged->word !== null) {
                $pairs[] = [$ball->ball->sight->call, $ball->judged->word];
            }
        }

        return self::ofPairs($pairs);
    }

    /** @param list<array{LengthCall, LengthCall}> $pairs call and result */
    public static function ofPairs(array $pairs): ?Finding
    {
        $report = FeelReport::of($pairs);
        if ($report === null) {
            return null;
        }
        $right = (int) round($report->agreement * $report->n);
        $interval = Interval::wilson($right, $report->n, Shares::LEVEL);
        $lean = match (true) {
            $report->miscalibration > self::LEANS => ' Balls are felt longer than they are.',
            $report->miscalibration < -self::LEANS => ' Balls are felt shorter than they are.',
            default => ' It leans to neither side.',
        };

        return new Finding(
            'Does the feel agree?',
            sprintf(
                '%d of %d calls were right, %s%s.%s',
                $right,
                $report->n,
                FigureText::likelyShare($interval, $report->n),
                $report->kappa === null ? '' : self::againstGuessing($report->kappa),
                $lean,
            ),
            FindingUnit::Share,
            $report->agreement,
            $interval,
            $report->n,
        );
    }

    /** @param float $kappa agreement beyond chance, −1 to 1 */
    private static function againstGuessing(float $kappa): string
    {
        $words = match (true) {
            $kappa > self::BEYOND_CHANCE => 'better than guessing',
            $kappa < -self::BEYOND_CHANCE => 'worse than guessing',
            default => 'no better than guessing',
        };

        return sprintf('; %s (kappa %s)', $words, str_replace('-', '−', sprintf('%.2f', $kappa)));
    }
}
