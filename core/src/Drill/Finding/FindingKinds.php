<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Report\Finding;

/** The kinds of finding by name: a new one is a file beside this one and a line here. */
final class FindingKinds
{
    /** @var non-empty-array<string, class-string<FindingKind>> */
    public const KINDS = [
        'leave' => Leave::class,
        'passed' => PassShare::class,
        'start' => StartLine::class,
        'points' => PointsPerBall::class,
        'restarts' => BallsNeeded::class,
        'step' => GateWidthReached::class,
        'feel' => FeelCalls::class,
        'second_putts' => SecondPutts::class,
        'cluster' => BallCluster::class,
        'curve' => BackstrokeCurve::class,
        'by_task' => LeaveByTask::class,
        'by_slope' => LeaveBySlope::class,
        'by_attempt' => LeaveByAttempt::class,
        'blocked_mixed' => BlockedAgainstMixed::class,
        'order_held' => OrderKept::class,
        'parts' => AimObjectResult::class,
        'gap' => GapAfterStrike::class,
        'usual' => LeaveAgainstUsual::class,
    ];

    /**
     * What a drill finds where it does not say: by what it looks at.
     *
     * @return non-empty-list<string>
     */
    public static function usual(DrillRules $rules): array
    {
        $own = match (true) {
            !$rules->pass->judges() => 'cluster',
            $rules->pass->axis() === Axis::Length => 'leave',
            $rules->needs() === ['gate'] => 'start',
            default => 'passed',
        };

        return array_values(array_unique([$own, ...$rules->pass->judges() ? ['passed'] : []]));
    }

    /**
     * Everything a run found: its own figure first, then the others it asks for, then what was seen, counted.
     *
     * @return array<string, Finding> by kind; empty while nothing tells anything
     */
    public static function of(FindingBalls $run): array
    {
        $findings = [];
        foreach ($run->card->finds as $name) {
            $finding = self::KINDS[$name]::of($run);
            if ($finding !== null) {
                $findings[$name] = $finding;
            }
        }
        foreach (ObservationCounts::of($run) as $name => $finding) {
            $findings["seen_$name"] = $finding;
        }

        return $findings;
    }
}
