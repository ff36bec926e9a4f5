<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Drill\Finding\Finding;
use Amble\Core\Drill\Finding\FindingUnit;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\Drill\Finding\Shares;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Measure;

/** Whether the higher foot was felt on the side that is higher, on putts whose ground is known. */
final class FeetFelt implements Measure
{
    public static function of(Asked $asked): ?Finding
    {
        $balls = array_values(array_filter(
            $asked->balls,
            static fn(RolledBall $ball): bool => $ball->ball->sight->word('higher_foot') !== null && $ball->ball->across->ratio() !== 0.0,
        ));
        if ($balls === []) {
            return null;
        }
        $row = Shares::row('', $balls, self::isRight(...));

        return new Finding(
            'Do the feet feel it?',
            sprintf('%d of %d times the higher foot was the right one%s.', $row->count(), $row->n, $row->interval === null ? '' : ', ' . Say::likelyShare($row->interval, $row->n)),
            FindingUnit::Share,
            $row->value,
            $row->interval,
            $row->n,
        );
    }

    private static function isRight(RolledBall $ball): bool
    {
        return $ball->ball->sight->word('higher_foot') === ($ball->ball->across->ratio() > 0.0 ? 'right' : 'left');
    }
}
