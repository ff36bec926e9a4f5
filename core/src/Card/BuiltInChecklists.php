<?php

declare(strict_types=1);

namespace Amble\Core\Card;

/** The cards that ship: a coach changes them into their own. */
final class BuiltInChecklists
{
    /** @return array<string, Checklist> by key */
    public static function all(): array
    {
        $cards = [];
        foreach ([...self::setUp(), ...self::routines(), ...self::others()] as $card) {
            $cards[$card->key] = $card;
        }

        return $cards;
    }

    /** @return list<Checklist> */
    private static function setUp(): array
    {
        return [
            new Checklist('stance', ChecklistKind::SetUp, 'Stance and posture', [
                new ChecklistPoint('hang', 'The club hangs at arm’s length'),
                new ChecklistPoint('chest', 'Club to the breastbone, elbows low'),
                new ChecklistPoint('shoulders', 'Shoulders settled back and down'),
                new ChecklistPoint('hinge', 'Bend at the hips; the club keeps its distance from the chest'),
                new ChecklistPoint('feet', 'Feet as far apart as on the profile', isOfFeet: true),
                new ChecklistPoint('weight', 'Weight quiet between heels and toes', isOfFeet: true),
            ]),
            new Checklist('grip', ChecklistKind::SetUp, 'Grip', [
                new ChecklistPoint('kind', 'The agreed grip'),
                new ChecklistPoint('one', 'Both hands work as one'),
                new ChecklistPoint('wrists', 'Wrists quiet'),
                new ChecklistPoint('pressure', 'As firm at contact as at address'),
            ]),
            new Checklist('mirror', ChecklistKind::SetUp, 'In front of the mirror', [
                new ChecklistPoint('shoulders', 'Shoulders square to the line'),
                new ChecklistPoint('feet', 'Feet square to the line', isOfFeet: true),
                new ChecklistPoint('eyes', 'Eyes along the line'),
                new ChecklistPoint('face', 'Face square'),
                new ChecklistPoint('trail_arm', 'Trail arm low: riding high it turns the view of the aim'),
            ]),
            new Checklist('arms', ChecklistKind::SetUp, 'Arms and shaft', [
                new ChecklistPoint('hang', 'Arms hang'),
                new ChecklistPoint('shaft', 'The shaft continues the line of the forearms'),
                new ChecklistPoint('height', 'Stands as tall as on the profile'),
                new ChecklistPoint('heel', 'Heel of the putter raised only on purpose'),
                new ChecklistPoint('elbow', 'Elbows in, arms and shoulders keep their triangle'),
            ]),
        ];
    }

    /** @return list<Checklist> */
    private static function routines(): array
    {
        return [
            new Checklist('routine_a', ChecklistKind::Routine, 'Eyes on the target', [
                new ChecklistPoint('rehearse', 'Rehearsals without a break, looking at the target', 3),
                new ChecklistPoint('set', 'Head set'),
                new ChecklistPoint('look', 'One look, and go', 1),
            ]),
            new Checklist('routine_b', ChecklistKind::Routine, 'Look, then copy', [
                new ChecklistPoint('look', 'Rehearsals beside the ball, looking at the hole', 2),
                new ChecklistPoint('copy', 'The last one copies them by feel', 1),
                new ChecklistPoint('go', 'Step in and go'),
            ]),
            new Checklist('routine_c', ChecklistKind::Routine, 'Every rehearsal drops', [
                new ChecklistPoint('imagine', 'Rehearsals seen and heard to drop', 2),
                new ChecklistPoint('go', 'Step in and go'),
            ]),
            new Checklist('routine_d', ChecklistKind::Routine, 'One rehearsal and go', [
                new ChecklistPoint('rehearse', 'Rehearsal', 1),
                new ChecklistPoint('eyes', 'Eyes to the target, back to the ball'),
                new ChecklistPoint('go', 'Stroke at once'),
            ]),
            new Checklist('routine_e', ChecklistKind::Routine, 'Too soft, too strong, in between', [
                new ChecklistPoint('soft', 'One felt too soft', 1),
                new ChecklistPoint('strong', 'One felt too strong', 1),
                new ChecklistPoint('between', 'The one in between: trust it', 1),
            ]),
            new Checklist('routine_f', ChecklistKind::Routine, 'Aim and go', [
                new ChecklistPoint('aim', 'Looks at the aim and the spot', 2),
                new ChecklistPoint('none', 'No rehearsal', 0),
                new ChecklistPoint('go', 'Go'),
            ]),
            new Checklist('routine_whole', ChecklistKind::Routine, 'Full routine', [
                new ChecklistPoint('mark', 'Mark, lift and clean'),
                new ChecklistPoint('read', 'Read'),
                new ChecklistPoint('line', 'Line on the ball set on the start line, and seen from behind', 1),
                new ChecklistPoint('putter', 'Putter first, then the feet'),
                new ChecklistPoint('picture', 'Line and drop pictured'),
                new ChecklistPoint('go', 'Go, or step off'),
            ]),
        ];
    }

    /** @return list<Checklist> */
    private static function others(): array
    {
        return [
            new Checklist('views', ChecklistKind::Views, 'Where to look at a putt from', [
                new ChecklistPoint('far', 'Well back behind the ball'),
                new ChecklistPoint('ball', 'Behind the ball'),
                new ChecklistPoint('low', 'From the low side'),
                new ChecklistPoint('hole', 'Behind the hole'),
                new ChecklistPoint('half', 'From half-way, on long ones'),
                new ChecklistPoint('feet', 'With the feet, beside the line'),
            ]),
            new Checklist('water', ChecklistKind::Ground, 'Imagine water', [
                new ChecklistPoint('poured', 'Where would water poured here run?'),
                new ChecklistPoint('pond', 'Towards the pond, the ditch or the lake'),
                new ChecklistPoint('bunker', 'Away from the bunkers'),
                new ChecklistPoint('whole', 'The green as a whole first, then the last steps before the hole'),
            ]),
            new Checklist('grain', ChecklistKind::Grain, 'Look at the grass', [
                new ChecklistPoint('edge', 'The worn edge of the hole: the grass leans to that side'),
                new ChecklistPoint('shine', 'Shining, it leans away from you; dull, towards you'),
                new ChecklistPoint('sign', 'Along it faster, into it slower, across it a drift at the end'),
            ]),
            new Checklist('all_clear', ChecklistKind::Safety, 'Area clear', [
                new ChecklistPoint('people', 'Nobody stands beyond the target or beside the line'),
                new ChecklistPoint('balls', 'No ball underfoot'),
                new ChecklistPoint('word', 'Everybody knows that the student will not be looking'),
            ]),
        ];
    }
}
