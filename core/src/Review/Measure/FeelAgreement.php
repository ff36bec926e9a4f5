<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\FindingChange;
use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Drill\Finding\FeelCalls;
use Amble\Core\Evidence\ForFeel;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Report\Finding;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;
use Amble\Core\Review\Prepares;

/** Calls before looking against what happened (maths.md 7). */
final class FeelAgreement implements ComparableMeasure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $counts = [];
        foreach ((new ForFeel())->pairs($balls->balls()) as [$call, $word]) {
            $name = "$call->value $word->value";
            $counts[$name] = ($counts[$name] ?? 0) + 1;
        }

        return $counts;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        $pairs = [];
        /** @var array<string, int> $counts */
        $counts = $asked->prepared(self::class);
        foreach ($counts as $name => $n) {
            $pair = array_map(LengthCall::from(...), explode(' ', $name, 2));
            for ($i = 0; $i < $n; ++$i) {
                $pairs[] = [$pair[0], $pair[1]];
            }
        }

        return FeelCalls::ofPairs($pairs);
    }

    public static function figure(BallSelection $session): ?SessionFigure
    {
        $finding = self::of($session);

        return $finding === null ? null : FindingChange::asSession($finding);
    }

    public static function dayToDay(): float
    {
        return PeriodChange::LOGIT;
    }

    public static function words(): array
    {
        return ['more often right', 'less often right'];
    }
}
