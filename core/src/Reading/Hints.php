<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Card\Card;
use Amble\Core\Card\CardKind;
use Amble\Core\Card\Point;
use Amble\Core\Green\Grass;
use Amble\Core\Student\Schools;

/** What the coach's own cards say to look for before a putt is read. The words are theirs; which of them come up is a rule. */
final class Hints
{
    /** Doubted by many, and said only where a student is taught it. */
    private const SUN = 'The grass leans to where the sun goes down';

    /**
     * Hints about the ground always; about the grass only where it leans and the student's school looks at it.
     *
     * @param array<string, Card> $cards of the bench
     * @param Grass|null $grass null where nobody named it, or none was chosen: nothing is said of it then
     *
     * @return list<Card>
     */
    public static function of(array $cards, ?Grass $grass, Schools $schools): array
    {
        $school = $schools->answer('grain');
        $ofGrain = $grass?->hasGrain() === true && $school !== 'part';
        $hints = array_filter($cards, static fn(Card $card): bool => $card->kind === CardKind::Ground || ($ofGrain && $card->kind === CardKind::Grain));

        return array_values(array_map(static fn(Card $card): Card => $card->kind === CardKind::Grain && $school === 'sun'
            ? new Card($card->key, $card->kind, $card->title, [...$card->points, new Point('sun', self::SUN)])
            : $card, $hints));
    }
}
