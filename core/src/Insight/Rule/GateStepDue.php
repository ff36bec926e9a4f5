<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Report\FigureText;
use Amble\Core\Steps\Ladder;

/** A gate that has become too easy, or too hard: eight of the last ten, or five (maths.md 9). */
final class GateStepDue implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        $gated = array_values(
            array_filter(
                $facts->session?->balls() ?? [],
                static fn(RolledBall $ball): bool => $ball->ball->sight->word('gate') !== null &&
                    $ball->aidWidth !== null,
            ),
        );
        $width = $gated === [] ? null : $gated[count($gated) - 1]->aidWidth;
        $here = array_slice(
            array_values(array_filter($gated, static fn(RolledBall $ball): bool => $ball->aidWidth === $width)),
            -Ladder::LOOK_BACK,
        );
        $isThrough = array_map(
            static fn(RolledBall $ball): bool => $ball->ball->sight->word('gate') === 'through',
            $here,
        );
        $due = Ladder::due($isThrough);
        if ($width === null || $due === 0) {
            return null;
        }
        $isTighter = $due > 0;

        return new Insight(
            key: 'gate.due',
            seen: sprintf('Make the %s gate %s.', FigureText::metres($width), $isTighter ? 'tighter' : 'wider'),
            evidence: sprintf('%d of the last %d came through.', count(array_filter($isThrough)), count($here)),
            cost: 0.2,
            sureness: 0.9,
            stamp: sprintf('%.3f %s', $width, $isTighter ? 'tighter' : 'wider'),
            try: $isTighter
                ? 'Go one step narrower. The count restarts there.'
                : 'Go one step wider until 8 of 10 pass again.',
            otherWay: null,
            refutedBy: null,
            school: null,
            balls: $here,
        );
    }
}
