<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** Care and safety, shown where the step is. Local rules and licensed people come first, in every case. */
enum SafetyNote: string
{
    case Storm = 'Lightning or a thunderstorm nearby: leave the green at once.';
    case Sun = 'Strong sun: hats, water, and breaks in the shade.';
    case Cold = 'Cold hands: warm up first, and take breaks indoors.';
    case Insects = 'Insects: cover up, and stop if it is too much.';
    case Local = 'Local rules come first, and the people whose green it is.';
    case Supervise = 'A group with a student under age: one adult only watches.';
    case Consent = 'Under age: keep records only with a guardian’s consent, and only what is needed. No pictures unless they say so.';
    case Indoors = 'Indoors: walls, glass, pets, mugs and carpets that slip. Look round before the first ball.';
    case WeakTurf = 'Weak turf wears quickly: change the spot often, and leave many repeats for another day.';
    case Pacing = 'Stepping out: look first, walk forwards, and step around other players’ lines.';
    case Trip = 'Rods, strings, stakes and loose balls trip people: flag them and keep the walking line clear.';
    case Stakes = 'Nothing is pushed into the green without the greenkeeper\'s leave; local rules come first.';
    case Wear = 'Keep clear of the cup’s edge, and move the spot: tees, spikes and buckets wear it.';
    case Chalk = 'Chalk and pens mark the surface: ask whose it is, and use pens on mats and floors only.';
    case Swings = 'Stay clear of swings and chips near the practice green.';
    case Others = 'Others on the green: share it, keep off their lines, and wait while anyone is close.';
    case Backs = 'Bending long hurts backs: break often, fetch balls upright, and change the place. Pain means stop and ask a doctor or physiotherapist.';
    case ManyBalls = 'Many balls by now: change the place, and rest the back.';
    case Underfoot = 'Balls underfoot: pick up before walking a long line or changing the station.';
    case Elsewhere = 'Putting without looking: check that the area is clear, and say so aloud.';
    case Ricochet = 'Balls bounce back from posts, cups, buckets and balls: low pace, feet clear, no small children near.';
    case Wedges = 'Wedges only off the green, with room around, and nobody in front.';
    case Cord = 'Cord and needles: an adult sets them, ends capped or flagged, and they are never left standing alone; a cord can snap back.';
    case Light = 'An aiming light: lowest class, along the ground, off between looks, bystanders clear, nobody under age alone with it.';
    case Mirrors = 'A mirror in the sun dazzles and heats: cover it while it is not used.';
    case Sore = 'Bent and still for long: stop if it hurts or you feel dizzy. This is not medical advice.';
    case Practice = 'Rods, gates, mirrors and lines on the ground are for practice: for play, see the rules in force.';

    /** So many balls in one session are many; from how many places is not known. */
    private const MANY = 60;

    /**
     * What to take care of at a step, as things are, most pressing first.
     *
     * @return list<self>
     */
    public static function at(SessionStep $step, SafetyContext $now): array
    {
        $when = static fn(bool $is, self ...$cautions): array => $is ? $cautions : [];

        return array_values(
            match ($step) {
                SessionStep::CheckIn => [
                    ...$when($now->has(Condition::Storm), self::Storm),
                    ...$when($now->has(Condition::Sun), self::Sun),
                    ...$when($now->has(Condition::Cold), self::Cold),
                    ...$when($now->hasMinor, self::Consent),
                    ...$when($now->hasMinor && $now->isGroup, self::Supervise),
                    ...$when(!$now->isGrass, self::Indoors),
                ],
                SessionStep::GreenSpeed => [
                    ...$when($now->isGrass, self::Local),
                    ...$when($now->has(Condition::Cored, Condition::Rain, Condition::TopDressed), self::WeakTurf),
                ],
                SessionStep::Stations => [self::Pacing, self::Trip, ...$when($now->isGrass, self::Stakes, self::Wear)],
                SessionStep::Putt => [
                    ...$when($now->has(Condition::Storm), self::Storm),
                    ...$when($now->looksElsewhere, self::Elsewhere),
                    ...$when($now->has(Disturbance::Players), self::Others),
                    ...$when($now->has(Disturbance::Insects), self::Insects),
                    ...$when($now->balls >= self::MANY, self::ManyBalls),
                    ...$when($now->isGroup || $now->balls > 0, self::Underfoot),
                    ...$when($now->isGrass, self::Swings),
                    self::Backs,
                ],
                SessionStep::Review => [],
                SessionStep::WrapUp => [self::Practice],
            },
        );
    }
}
