<?php

declare(strict_types=1);

namespace Amble\Core\Advice\Rule;

use Amble\Core\Advice\Clear;
use Amble\Core\Advice\Facts;
use Amble\Core\Advice\Note;
use Amble\Core\Advice\Rule;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\LookBack\Measure\StartLines;
use Amble\Core\LookBack\Stile;

/** A new putter, a lay-off or another tempo that came with a change of the start line: it is named before the stroke. */
final class StileExplains implements Rule
{
    private const FEWEST = 10;

    /** Radians. */
    private const LEAST = 0.0105;

    public function note(Facts $facts): ?Note
    {
        $stiles = array_values(array_filter($facts->stiles, static fn(Stile $stile): bool => in_array($stile->kind, ['putter', 'lay_off', 'tempo'], true)));
        $stile = $stiles === [] ? null : $stiles[count($stiles) - 1];
        if ($stile === null || $facts->path === null) {
            return null;
        }
        $before = StartLines::fit($facts->path->where(static fn(RolledBall $ball): bool => $ball->atMilliseconds < $stile->atMilliseconds));
        $since = StartLines::fit($facts->path->where(static fn(RolledBall $ball): bool => $ball->atMilliseconds >= $stile->atMilliseconds));
        if ($before->bias === null || $since->bias === null || min($before->n, $since->n) < self::FEWEST) {
            return null;
        }
        $apart = $since->bias - $before->bias;
        $error = hypot((float) $before->biasError, (float) $since->biasError);

        return !Clear::says($apart, $error, self::LEAST) ? null : new Note(
            'change.stile',
            sprintf('Starts have moved %s since then: %s.', $apart > 0.0 ? 'right' : 'left', $stile->words),
            sprintf('Before %s from %d balls, since %s from %d.', Say::degrees($before->bias), $before->n, Say::degrees($since->bias), $since->n),
            0.82,
            Clear::sureness($apart, $error),
            sprintf('%+.0f', rad2deg($apart) * 2.0),
            $stile->kind === 'putter' ? 'Look at the putter before the stroke: how it sits, where its mark points, how the eyes see it.' : 'Give it a few sessions before anything of the stroke is mended.',
            null,
            $stile->kind === 'putter' ? 'Ten with the putter before, starting as they do now.' : 'Three sessions that start as before.',
            null,
            [],
            ['start.side'],
        );
    }
}
