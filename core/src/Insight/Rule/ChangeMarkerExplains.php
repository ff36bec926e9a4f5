<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ChangeMarker;
use Amble\Core\Review\Measure\StartLines;

/**
 * A new putter, a lay-off or another tempo that came with a change of the start line: it is named before the stroke.
 */
final class ChangeMarkerExplains implements Rule
{
    private const FEWEST = 10;

    /** So many more of ten to that side are worth a word, a share. */
    private const LEAST = 0.3;

    public function note(InsightFacts $facts): ?Insight
    {
        $changeMarkers = array_values(
            array_filter(
                $facts->changeMarkers,
                static fn(ChangeMarker $stile): bool => in_array($stile->kind, ['putter', 'lay_off', 'tempo'], true),
            ),
        );
        $stile = $changeMarkers === [] ? null : $changeMarkers[count($changeMarkers) - 1];
        if ($stile === null || $facts->path === null) {
            return null;
        }
        $before = $facts->path->where(
            static fn(RolledBall $ball): bool => $ball->atMilliseconds < $stile->atMilliseconds,
        );
        $since = $facts->path->where(
            static fn(RolledBall $ball): bool => $ball->atMilliseconds >= $stile->atMilliseconds,
        );
        [$lean, $error, $fewest] = self::moved($before, $since);

        return $fewest < self::FEWEST || !Significance::says($lean, $error, self::LEAST)
            ? null
            : new Insight(
                key: 'change.stile',
                seen: sprintf('Starts have moved %s since then: %s.', $lean > 0.0 ? 'right' : 'left', $stile->words),
                evidence: sprintf('Before: %s. Since: %s.', self::said($before), self::said($since)),
                cost: 0.82,
                sureness: Significance::sureness($lean, $error),
                stamp: sprintf('%+.0f', 5.0 * $lean),
                try: $stile->kind === 'putter'
                    ? 'Check the putter before the stroke: how it sits, where its mark points, how the student sees it.'
                    : 'Wait a few sessions before you change the stroke.',
                otherWay: null,
                refutedBy: $stile->kind === 'putter'
                    ? 'Ten putts with the earlier putter that start the same way.'
                    : 'Three more sessions that start as before.',
                school: null,
                balls: (new ForStartLine())->of($since->balls()),
                instead: ['start.side'],
                isOfRecord: true,
            );
    }

    /**
     * How much more balls go right than left since then, ball by ball: this needs no angle, which is unknown where all
     * miss on one side.
     *
     * @return array{float, float, int} the difference, its standard error, and the balls of the lesser part
     */
    private static function moved(BallSelection $before, BallSelection $since): array
    {
        $means = $variances = $counts = [];
        foreach ([$before, $since] as $some) {
            [$left, $right, $n] = self::counts($some);
            $mean = $n === 0 ? 0.0 : ($right - $left) / $n;
            $means[] = $mean;
            $variances[] = $n === 0 ? INF : (($right + $left) / $n - $mean ** 2) / $n;
            $counts[] = $n;
        }

        return [$means[1] - $means[0], sqrt(array_sum($variances)), min($counts)];
    }

    private static function said(BallSelection $some): string
    {
        return vsprintf('%d left and %d right of %d', self::counts($some));
    }

    /** @return array{int, int, int} balls that started left and right, by gate or by eye, and all that tell */
    private static function counts(BallSelection $some): array
    {
        [$left, $right] = StartLines::sides($some);
        $eye = ForStartLine::countsByEye((new ForStartLine())->byEyeAlone($some->balls()));

        return [
            $left + $eye['left'],
            $right + $eye['right'],
            count((new ForStartLine())->of($some->balls())) + array_sum($eye),
        ];
    }
}
