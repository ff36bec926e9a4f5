<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Card\Checklist;
use Amble\Core\Card\ChecklistKind;
use Amble\Core\Card\ChecklistPoint;
use Amble\Core\Green\Grass;
use Amble\Core\Student\TeachingPreferences;

/**
 * What the coach's own cards say to look for before a putt is read. The words are theirs; which of them come up is a
 * rule.
 */
final class ReadingHints
{
    /** Doubted by many, and said only where a student is taught it. */
    private const SUN = 'The grass leans to where the sun goes down';

    /**
     * Hints about the ground always; about the grass only where it leans and the student's school looks at it.
     *
     * @param array<string, Checklist> $cards of the workspace
     * @param Grass|null $grass null where nobody named it, or none was chosen: nothing is said of it then
     *
     * @return list<Checklist>
     */
    public static function of(array $cards, ?Grass $grass, TeachingPreferences $schools): array
    {
        $school = $schools->answer('grain');
        $ofGrain = $grass?->hasGrain() === true && $school !== 'part';
        $hints = array_filter(
            $cards,
            static fn(Checklist $card): bool => $card->kind === ChecklistKind::Ground ||
                ($ofGrain && $card->kind === ChecklistKind::Grain),
        );

        return array_values(
            array_map(
                static fn(Checklist $card): Checklist => $card->kind === ChecklistKind::Grain && $school === 'sun'
                    ? new Checklist($card->key, $card->kind, $card->title, [
                        ...$card->points,
                        new ChecklistPoint('sun', self::SUN),
                    ])
                    : $card,
                $hints,
            ),
        );
    }
}
