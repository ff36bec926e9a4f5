<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Evidence\ForFeel;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Feel\FeltLength;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;

/** Balls felt longer, or shorter, than they are: the feel is trained before the stroke (maths.md 7). */
final class FeltLengthOff implements Rule
{
    private const FEWEST = 12;

    /** Less than this is within what anybody feels, share of the length. */
    private const LEAST = 0.06;

    public function note(InsightFacts $facts): ?Insight
    {
        $called = array_values(
            array_filter(
                $facts->lately === null ? [] : (new ForFeel())->of($facts->lately->balls()),
                self::isByTheUsualWindow(...),
            ),
        );
        $fit =
            count($called) < self::FEWEST
                ? null
                : FeltLength::fit(array_map(self::pair(...), $called), DistanceControl::DEFAULT_WINDOW);
        if ($fit === null || !Significance::says($fit->mean, $fit->meanError, self::LEAST, count($called) - 1)) {
            return null;
        }
        $interval = $fit->meanInterval(0.8);
        $right = count(
            array_filter(
                $called,
                static fn(RolledBall $ball): bool => $ball->ball->sight->call === $ball->lengthWord(),
            ),
        );

        return new Insight(
            key: 'feel.off',
            seen: sprintf(
                'The student feels balls %.0f %% %s than they are.',
                100.0 * abs($fit->mean),
                $fit->mean > 0.0 ? 'longer' : 'shorter',
            ),
            evidence: sprintf(
                '%d calls, %d of them right; likely %.0f to %.0f %%.',
                count($called),
                $right,
                100.0 * min(abs($interval->low), abs($interval->high)),
                100.0 * max(abs($interval->low), abs($interval->high)),
            ),
            cost: 0.5 * min(1.0, abs($fit->mean) / 0.15),
            sureness: Significance::sureness($fit->mean, $fit->meanError),
            stamp: sprintf('%+.0f', 20.0 * $fit->mean),
            try: 'Ask for a call before looking at every ball, and say the real finish at once: feel first, then the stroke.',
            otherWay: null,
            refutedBy: 'Ten calls in a row with errors to both sides.',
            school: null,
            balls: $called,
        );
    }

    /** A drill with another window asks for another call. */
    private static function isByTheUsualWindow(RolledBall $ball): bool
    {
        $meant = $ball->meant();

        return $meant !== null &&
            $ball->ball->rollMetres() !== null &&
            !$ball->ball->isAtLeast() &&
            Acceptance::usual($meant)->word($ball->ball) === $ball->lengthWord();
    }

    /** @return array{LengthCall, float} */
    private static function pair(RolledBall $ball): array
    {
        $meant = $ball->meant()?->metres() ?? 1.0;

        return [$ball->ball->sight->call ?? LengthCall::On, ((float) $ball->ball->rollMetres() - $meant) / $meant];
    }
}
