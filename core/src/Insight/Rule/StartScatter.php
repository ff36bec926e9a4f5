<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Numeric\Normal;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\StartLines;
use Amble\Core\Session\GateResult;

/** Starts that scatter wider than an ordinary player's. */
final class StartScatter implements Rule
{
    /** Halfway between a very good player and an ordinary one, radians (maths.md 6: 1.35° and 2.2°). */
    private const ORDINARY = 0.031;

    public function note(InsightFacts $facts): ?Insight
    {
        $lately = $facts->lately;
        $fit = $lately === null ? null : StartLines::fit($lately);
        if ($lately === null || $fit?->spread === null || $fit->logSpreadError === null) {
            return null;
        }
        $beyond = log($fit->spread / self::ORDINARY);
        if ($beyond <= 0.0 || ($beyond < Significance::ERRORS * $fit->logSpreadError && !self::missesOften($lately))) {
            return null;
        }
        $interval = $fit->spreadInterval(0.8);

        return new Insight(
            key: 'start.scatter',
            seen: 'Start lines vary widely.',
            evidence: sprintf(
                '%d balls: two in three within %.1f°, likely %.1f° to %.1f°.',
                $fit->n,
                rad2deg($fit->spread),
                rad2deg($interval->low ?? $fit->spread),
                rad2deg($interval->high ?? $fit->spread),
            ),
            cost: 0.72 * min(1.0, $fit->spread / 0.045),
            sureness: max(0.75, Significance::sureness($beyond, $fit->logSpreadError)),
            stamp: sprintf('%.0f', rad2deg($fit->spread) * 2.0),
            try: 'Use a gate that half to two thirds pass, at short lengths. Check the strike: middle of the face first.',
            otherWay: null,
            refutedBy: 'Twenty more through a gate of half the width: two in three pass.',
            school: null,
            balls: (new ForStartLine())->of($lately->balls()),
        );
    }

    /** Whether more miss a gate, on both sides, than an ordinary player's starts would; the commonest width tells. */
    private static function missesOften(BallSelection $lately): bool
    {
        $widths = [];
        foreach ((new ForStartLine())->of($lately->balls()) as $ball) {
            if ($ball->ball->sight->gate !== null) {
                $widths[sprintf('%.4f %.3f', (float) $ball->aidWidth, (float) $ball->aidDistance)][] = $ball;
            }
        }
        usort($widths, static fn(array $a, array $b): int => count($b) <=> count($a));
        $balls = $widths[0] ?? [];
        $test = $balls === [] ? null : $balls[0]->startLineTest();
        if ($test === null) {
            return false;
        }
        $count = static fn(GateResult $result): int => count(
            array_filter($balls, static fn(RolledBall $ball): bool => $ball->ball->sight->gate === $result),
        );
        [$left, $right] = [$count(GateResult::Left), $count(GateResult::Right)];

        return 4 * min($left, $right) >= $left + $right &&
            Significance::shareAbove(
                $left + $right,
                count($balls),
                2.0 * Normal::cdf(-$test->halfAngle() / self::ORDINARY),
            );
    }
}
