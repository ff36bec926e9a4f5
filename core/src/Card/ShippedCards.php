<?php

declare(strict_types=1);

namespace Amble\Core\Card;

/** The cards that ship: a coach changes them into their own. */
final class ShippedCards
{
    /** @return array<string, Card> by key */
    public static function all(): array
    {
        $cards = [];
        foreach ([...self::setUp(), ...self::routines(), ...self::others()] as $card) {
            $cards[$card->key] = $card;
        }

        return $cards;
    }

    /** @return list<Card> */
    private static function setUp(): array
    {
        return [
            new Card('stance', CardKind::SetUp, 'Stance and posture', [
                new Point('hang', 'The club hangs at arm’s length'),
                new Point('chest', 'Club to the breastbone, elbows low'),
                new Point('shoulders', 'Shoulders settled back and down'),
                new Point('hinge', 'Hinge at the hips; the club keeps its gap to the chest'),
                new Point('feet', 'Feet as far apart as on the card', isOfFeet: true),
                new Point('weight', 'Weight quiet between heels and toes', isOfFeet: true),
            ]),
            new Card('grip', CardKind::SetUp, 'Grip', [
                new Point('kind', 'The grip that was agreed'),
                new Point('one', 'Both hands work as one'),
                new Point('wrists', 'Wrists quiet'),
                new Point('pressure', 'As firm at contact as at address'),
            ]),
            new Card('mirror', CardKind::SetUp, 'Before the mirror', [
                new Point('shoulders', 'Shoulders square to the line'),
                new Point('feet', 'Feet square to the line', isOfFeet: true),
                new Point('eyes', 'Eyes along the line'),
                new Point('face', 'Face square'),
                new Point('trail_arm', 'Trail arm low: riding high it turns the view of the aim'),
            ]),
            new Card('arms', CardKind::SetUp, 'Arms and shaft', [
                new Point('hang', 'Arms hang'),
                new Point('shaft', 'The shaft goes on from the forearms'),
                new Point('height', 'Stands as tall as on the card'),
                new Point('heel', 'Heel of the putter raised only on purpose'),
                new Point('elbow', 'Elbows in, the triangle kept'),
            ]),
        ];
    }

    /** @return list<Card> */
    private static function routines(): array
    {
        return [
            new Card('routine_a', CardKind::Routine, 'Eyes on the target', [
                new Point('rehearse', 'Rehearsals without a break, looking at the target', 3),
                new Point('set', 'Head set'),
                new Point('look', 'One look, and go', 1),
            ]),
            new Card('routine_b', CardKind::Routine, 'Look, then copy', [
                new Point('look', 'Rehearsals beside the ball, looking at the hole', 2),
                new Point('copy', 'The last one copies them by feel', 1),
                new Point('go', 'Step in and go'),
            ]),
            new Card('routine_c', CardKind::Routine, 'Every rehearsal drops', [
                new Point('imagine', 'Rehearsals seen and heard to drop', 2),
                new Point('go', 'Step in and go'),
            ]),
            new Card('routine_d', CardKind::Routine, 'One and go', [
                new Point('rehearse', 'Rehearsal', 1),
                new Point('eyes', 'Eyes to the target, back to the ball'),
                new Point('go', 'Stroke at once'),
            ]),
            new Card('routine_e', CardKind::Routine, 'Soft, strong, between', [
                new Point('soft', 'One felt too soft', 1),
                new Point('strong', 'One felt too strong', 1),
                new Point('between', 'The one between, trusted as it is', 1),
            ]),
            new Card('routine_f', CardKind::Routine, 'Aim and go', [
                new Point('aim', 'Looks at the aim and the spot', 2),
                new Point('none', 'No rehearsal', 0),
                new Point('go', 'Go'),
            ]),
            new Card('routine_whole', CardKind::Routine, 'The whole way to the ball', [
                new Point('mark', 'Mark, lift and clean'),
                new Point('read', 'Read'),
                new Point('line', 'Line on the ball set on the start line, and seen from behind', 1),
                new Point('putter', 'Putter first, then the feet'),
                new Point('picture', 'Line and drop pictured'),
                new Point('go', 'Go, or step off'),
            ]),
        ];
    }

    /** @return list<Card> */
    private static function others(): array
    {
        return [
            new Card('views', CardKind::Views, 'Looking at a putt', [
                new Point('far', 'Well back behind the ball'),
                new Point('ball', 'Behind the ball'),
                new Point('low', 'From the low side'),
                new Point('hole', 'Behind the hole'),
                new Point('half', 'From half-way, on long ones'),
                new Point('feet', 'With the feet, beside the line'),
            ]),
            new Card('water', CardKind::Ground, 'Picture water', [
                new Point('poured', 'Where would water poured here run?'),
                new Point('pond', 'Towards the pond, the ditch or the lake'),
                new Point('bunker', 'Away from the bunkers'),
                new Point('whole', 'The green as a whole first, then the last steps before the hole'),
            ]),
            new Card('grain', CardKind::Grain, 'Look at the grass', [
                new Point('edge', 'The worn edge of the hole: the grass leans to that side'),
                new Point('shine', 'Shining, it leans away from you; dull, towards you'),
                new Point('sign', 'Along it faster, into it slower, across it a drift at the end'),
            ]),
            new Card('all_clear', CardKind::Safety, 'All clear', [
                new Point('people', 'Nobody stands beyond the target or beside the line'),
                new Point('balls', 'No ball underfoot'),
                new Point('word', 'Everybody knows that eyes will be elsewhere'),
            ]),
        ];
    }
}
