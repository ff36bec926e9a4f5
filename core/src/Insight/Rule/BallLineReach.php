<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Report\FigureText;
use Amble\Core\Steps\Ladder;

/**
 * The length up to which a student sets a line on the ball, which may grow as starts allow: by the same count as a
 * gate's steps, eight of the last ten or five (maths.md 9), told near that length only.
 */
final class BallLineReach implements Rule
{
    /** A ball from this share of the length on tells of it; one from beyond was not meant for the line. */
    private const NEAR = 0.7;
    private const BEYOND = 1.05;

    /** How much further, or less far, a line is tried next. */
    private const STEP = 1.2;

    public function note(InsightFacts $facts): ?Insight
    {
        $reach = $facts->markTo;
        if ($reach === null) {
            return null;
        }
        $told = array_slice(
            array_values(
                array_filter(
                    $facts->lately?->balls() ?? [],
                    static fn(RolledBall $ball): bool => self::isUsable($ball, $reach),
                ),
            ),
            -Ladder::LOOK_BACK,
        );
        $isThrough = array_map(
            static fn(RolledBall $ball): bool => $ball->ball->sight->word('gate') === 'through',
            $told,
        );
        $due = Ladder::due($isThrough);
        if ($due === 0) {
            return null;
        }
        $isFurther = $due > 0;

        return new Insight(
            key: 'mark.reach',
            seen: $isFurther
                ? sprintf('The line on the ball holds up to %s.', FigureText::metres($reach))
                : sprintf('The line on the ball does not hold at %s.', FigureText::metres($reach)),
            evidence: sprintf(
                '%d of the last %d near that length came through.',
                count(array_filter($isThrough)),
                count($told),
            ),
            cost: 0.2,
            sureness: 0.9,
            stamp: sprintf('%.2f %s', $reach, $isFurther ? 'further' : 'nearer'),
            try: sprintf(
                'Set it up to %s on the profile, and use a spot beyond.',
                FigureText::metres($isFurther ? $reach * self::STEP : $reach / self::STEP),
            ),
            otherWay: null,
            refutedBy: 'Ten putts with a spot alone that pass as often.',
            school: null,
            balls: $told,
        );
    }

    private static function isUsable(RolledBall $ball, float $reach): bool
    {
        $target = $ball->ball->target?->metres();

        return $ball->ball->sight->word('aligned') === 'line' &&
            $ball->ball->sight->word('gate') !== null &&
            $target !== null &&
            $target >= self::NEAR * $reach &&
            $target <= self::BEYOND * $reach;
    }
}
