<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Change\Change;
use Amble\Core\Report\Finding;

/**
 * Balls told one thing beside balls told another: looking at the target, and at the ball; a wider aim, and more pace.
 */
final class LeaveByTask implements FindingKind
{
    private const WORDS = [
        'look_at_target' => 'looking at the target',
        'look_at_ball' => 'looking at the ball',
        'stance_narrow' => 'narrow stance',
        'stance_middle' => 'medium stance',
        'stance_wide' => 'wide stance',
        'exact' => 'exact',
        'aim_wider' => 'with a wider aim',
        'more_pace' => 'with more pace',
        'rehearse_between' => 'in between',
    ];

    public static function label(): string
    {
        return 'By instruction';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $groups = $run->by(
            static fn(FindingBall $ball): ?string => self::WORDS[$ball->judged->task->value ?? ''] ?? null,
        );
        $finding = LeaveByGroup::of('Does the instruction make a difference?', $groups);
        $controls = array_values(array_filter(array_map(Leave::control(...), $groups)));
        if ($finding === null || count($controls) !== 2) {
            return $finding;
        }
        [$one, $other] = $controls;
        // Balls cut short may give a spread where too few were measured to compare it.
        if (
            min($one->nMeasured, $other->nMeasured) < 2 ||
            (float) $one->spread <= 0.0 ||
            (float) $other->spread <= 0.0
        ) {
            return $finding;
        }
        $change = Change::ofSpread((float) $one->spread, $one->nMeasured, (float) $other->spread, $other->nMeasured);
        $adverb = $change->call()->adverb();
        $names = array_keys($groups);

        return new Finding(
            $finding->question,
            $finding->sentence .
                ' ' .
                ($adverb === null
                    ? 'Their spreads do not clearly differ.'
                    : sprintf(
                        'Balls finish %s closer together %s.',
                        $adverb,
                        $names[$change->difference > 0.0 ? 1 : 0],
                    )),
            $finding->unit,
            $finding->value,
            $finding->interval,
            $finding->n,
            null,
            $finding->rows,
        );
    }
}
