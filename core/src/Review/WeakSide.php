<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Review\Measure\LowSide;

/** The way putts curve on which this student does worse, where the balls say so. Immutable. */
final readonly class WeakSide
{
    /** Fewer on either side tell nothing of the difference. */
    private const FEWEST = 6;

    /** @param 'left'|'right' $curving */
    private function __construct(public string $curving, public string $words) {}

    /** Null where too few were seen, or neither side is worse. */
    public static function of(BallSelection $asked): ?self
    {
        $sides = ['left' => [], 'right' => []];
        foreach ($asked->balls() as $ball) {
            $isGood = self::isGood($ball);
            if ($isGood !== null) {
                // Ground that rises to the right sends the ball left.
                $sides[$ball->ball->across->ratio() > 0.0 ? 'left' : 'right'][] = $isGood;
            }
        }
        [$left, $right] = [$sides['left'], $sides['right']];
        if (min(count($left), count($right)) < self::FEWEST) {
            return null;
        }
        $good = static fn(array $side): int => count(array_filter($side));
        $difference = $good($left) / count($left) - $good($right) / count($right);
        if ($difference === 0.0) {
            return null;
        }
        [$curving, $worse, $better] = $difference < 0.0 ? ['left', $left, $right] : ['right', $right, $left];

        return new self(
            $curving,
            sprintf(
                '%s: %d of %d were holed or missed high; the other way %d of %d.',
                LowSide::curving($curving, $asked->hand),
                $good($worse),
                count($worse),
                $good($better),
                count($better),
            ),
        );
    }

    /** Whether a breaking putt was enough read; null where it does not break, or nobody said how it went by. */
    private static function isGood(RolledBall $ball): ?bool
    {
        return match (true) {
            $ball->ball->across->ratio() === 0.0 || $ball->ball->remarks->mark !== null => null,
            $ball->ball->hasDropped() === true => true,
            $ball->highOrLow() === null => null,
            default => $ball->highOrLow() === 'high',
        };
    }
}
