<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Check\Kind\Tempo;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Student\BackstrokeCue;

/** A tempo, tapped along with the strokes, that gets quicker or slower with the length of the putt. */
final class TempoDrift implements Rule
{
    /** Less is no drift that a roll would show, share from the shortest length to the longest. */
    private const LEAST = 0.06;

    public function note(InsightFacts $facts): ?Insight
    {
        $drift = $facts->lately === null ? null : Tempo::drift($facts->lately->checked->of('tempo')->latest());
        if (
            $drift?->value === null ||
            $drift->interval === null ||
            !Significance::says($drift->value, $drift->interval->error(), self::LEAST, $drift->n - 2)
        ) {
            return null;
        }
        $isQuicker = $drift->value > 0.0;

        return new Insight(
            key: 'stroke.tempo_drift',
            seen: $isQuicker ? 'The tempo is quicker on longer putts.' : 'The tempo is slower on longer putts.',
            evidence: sprintf('%d taps. %s', $drift->n, $drift->sentence),
            cost: 0.6,
            sureness: Significance::sureness($drift->value, $drift->interval->error()),
            stamp: sprintf('%+.0f', 10.0 * $drift->value),
            try: $facts->school === BackstrokeCue::Eye
                ? 'Rehearse with the eyes on the target until the long one feels as unhurried as the short one.'
                : 'Use the metronome at the student’s own tempo, shortest length first; the backstroke gives the distance.',
            otherWay: 'Some coaches let the tempo follow the length: then the backstroke curve holds for that tempo only.',
            refutedBy: 'The same tempo at three lengths.',
        );
    }
}
