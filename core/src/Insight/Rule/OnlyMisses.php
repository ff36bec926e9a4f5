<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\HoledShare;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Units\Length;

/** Not one holed ball among many short putts: the holed ones were not logged, so what the others tell is one-sided. */
final class OnlyMisses implements Rule
{
    private const FEWEST = 15;

    /** Longer putts are holed too seldom to count, metres. */
    private const WITHIN_M = 4.0;

    /** So unlikely that none dropped. */
    private const CHANCE = 0.001;

    public function note(InsightFacts $facts): ?Insight
    {
        $balls = array_values(array_filter($facts->lately?->balls() ?? [], self::isShortPutt(...)));
        $n = count($balls);
        if (
            $n < self::FEWEST ||
            array_filter($balls, static fn(RolledBall $ball): bool => HoledShare::hasDropped($ball) === true) !== []
        ) {
            return null;
        }
        $none = 1.0;
        $expected = 0.0;
        $chances = [];
        foreach ($balls as $ball) {
            $key = sprintf('%.1f', BallSelection::length($ball));
            $chance = $chances[$key] ??= ExpectedPutts::chanceToHole(
                $facts->level->player($facts->lately->pace ?? 0.0),
                $ball->speed() ?? GreenSpeed::ordinary(),
                Length::ofMetres((float) $key),
            );
            $none *= 1.0 - $chance;
            $expected += $chance;
        }

        return $none >= self::CHANCE
            ? null
            : new Insight(
                key: 'log.only_misses',
                seen: sprintf(
                    'None of %d putts at holes from inside %s is logged as holed.',
                    $n,
                    FigureText::metres(self::WITHIN_M),
                ),
                evidence: sprintf('At this student\'s level about %d of them are holed.', (int) round($expected)),
                cost: 0.95,
                sureness: 1.0,
                stamp: (string) intdiv($n, 10),
                try: 'Log holed putts too: misses alone make the start line and the consistency look worse than they are.',
                otherWay: null,
                refutedBy: 'One holed ball in the log.',
                school: null,
                balls: $balls,
                instead: [
                    'start.side',
                    'start.scatter',
                    'start.compensation',
                    'start.through_missed',
                    'read.low',
                    'read.high',
                    'read.pace',
                ],
                isOfRecord: true,
            );
    }

    private static function isShortPutt(RolledBall $ball): bool
    {
        $length = BallSelection::length($ball);

        return $ball->isAtHole &&
            $length > 0.0 &&
            $length <= self::WITHIN_M &&
            HoledShare::hasDropped($ball) !== null &&
            $ball->ball->remarks->mark === null;
    }
}
