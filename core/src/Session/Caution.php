<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** Care and safety, shown where the step is. */
enum Caution: string
{
    case Storm = 'Lightning or a storm about: leave the green at once.';
    case Sun = 'Strong sun: hats, water, and breaks in the shade.';
    case Cold = 'Cold hands: warm up first, and take breaks indoors.';
    case WeakTurf = 'Cored turf wears at once: change the spot often, and keep heavy repeats for another day.';
    case Trip = 'Rods, strings, stakes and loose balls trip people: flag them and keep the walking line clear.';
    case Stakes = 'Nothing is pushed into the green without the greenkeeper\'s leave; local rules come first.';
    case Backs = 'Bending long hurts backs: break often. Pain means stop and ask a doctor or physiotherapist.';
    case Swings = 'Stay clear of swings and chips near the practice green.';
    case Cord = 'Cord and needles: an adult sets them, ends capped or flagged, and they are never left standing alone; a cord can snap back.';
    case Light = 'An aiming light: lowest class, along the ground, off between looks, bystanders clear, nobody under age alone with it.';
    case Mirrors = 'A mirror in the sun dazzles and heats: cover it while it is not used.';
    case Sore = 'Bent and still for long: stop if it is sore or dizzy. This is no medical advice.';
    case Minor = 'A student under age: keep records only with a guardian\'s consent, and only what is needed.';

    /**
     * The cautions that are true today, by what was seen of the green, most pressing first.
     *
     * @param list<Condition> $conditions
     *
     * @return list<self>
     */
    public static function today(array $conditions): array
    {
        $when = static fn(Condition $condition, self $caution): array => in_array($condition, $conditions, true) ? [$caution] : [];

        return [
            ...$when(Condition::Storm, self::Storm),
            ...$when(Condition::Sun, self::Sun),
            ...$when(Condition::Cold, self::Cold),
            ...$when(Condition::Cored, self::WeakTurf),
        ];
    }

    /**
     * The cautions that hold on every day on this surface.
     *
     * @return list<self>
     */
    public static function always(bool $isGrass): array
    {
        return [self::Trip, ...($isGrass ? [self::Stakes, self::Swings] : []), self::Backs, self::Minor];
    }
}
