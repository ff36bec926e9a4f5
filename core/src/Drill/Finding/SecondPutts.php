<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Drill\PutOut;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Session\Stop;

/** Of the balls that were putted out, how many went in with the next; a figure with a base of its own. */
final class SecondPutts implements FindingKind
{
    public static function label(): string
    {
        return 'Second putts';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $inside = count(array_filter($run->balls, static fn(FindingBall $ball): bool => $ball->hasPassed()));
        $asked = array_values(
            array_filter(
                $run->balls,
                static fn(FindingBall $ball): bool => $run->card->rules->putOut->allows($ball->hasPassed()) &&
                    $ball->ball->stop !== Stop::Holed &&
                    $ball->ball->sight->has('putts_to_finish'),
            ),
        );
        if ($asked === [] || $run->card->rules->putOut === PutOut::None) {
            return null;
        }
        $n = count($asked);
        $next = count(
            array_filter(
                $asked,
                static fn(FindingBall $ball): bool => $ball->ball->sight->count('putts_to_finish') === 1,
            ),
        );
        $interval = Interval::wilson($next, $n, Shares::LEVEL);

        return new Finding(
            'Does the next putt go in?',
            sprintf(
                '%d of %d stopped inside. Of %d putted out, the next putt holed %d, %s.',
                $inside,
                count($run->balls),
                $n,
                $next,
                FigureText::likelyShare($interval, $n),
            ),
            FindingUnit::Share,
            $next / $n,
            $interval,
            $n,
            isScore: true,
        );
    }
}
