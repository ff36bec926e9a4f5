<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Drill\AvailableEquipment;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\Purpose;
use Amble\Core\Drill\Station;
use Amble\Core\Drill\TargetKind;

/** A drill that may be planned, with the minutes it takes here. Immutable. */
final readonly class Candidate
{
    /** Shortened to less than this share of its minutes a drill is not itself. */
    public const LEAST_SHARE = 0.6;

    /** Putts to close with are no longer than this, metres. */
    private const SHORT = 2.0;

    /** What it takes where neither the drill nor any session says, minutes. */
    public const USUAL = 6;

    /** @param DrillMinutes $minutes as this coach's sessions have it */
    public function __construct(public Drill $card, public DrillMinutes $minutes) {}

    public static function unlearned(Drill $card): self
    {
        return new self($card, DrillMinutes::of($card->minutes ?? self::USUAL, []));
    }

    public function key(): string
    {
        return $this->card->key;
    }

    /** What it is planned for, whole minutes. */
    public function wholeMinutes(): int
    {
        return max(1, (int) ceil($this->minutes->mean - 1e-9));
    }

    public function leastMinutes(): int
    {
        return max(1, (int) ceil(self::LEAST_SHARE * $this->wholeMinutes() - 1e-9));
    }

    /** Whether all of it is short enough to go in, at a hole or what stands for one. */
    public function isShort(): bool
    {
        $lengths = array_map(
            static fn(Station $station): float => $station->to->metres(),
            $this->card->rules->stations,
        );

        return $this->card->rules->target->canBeHoled() && max($lengths) <= self::SHORT;
    }

    /**
     * Balls in so many minutes, within the drill's own end and the dose of the block.
     *
     * @return positive-int
     */
    public function balls(int $minutes, BlockKind $kind): int
    {
        return max(
            1,
            (int) floor(min($kind->dose(), $this->wholeBalls($kind) * min(1.0, $minutes / $this->wholeMinutes()))),
        );
    }

    /** Balls of the whole drill as it goes by itself: a cap is where it stops at the latest, and no dose. */
    private function wholeBalls(BlockKind $kind): int
    {
        $rules = $this->card->rules;
        $cap = $rules->cap->balls ?? $kind->dose();
        $own = $rules->end->expectedBalls(count($rules->stations) * $rules->ballsEach);

        return min($cap, $own === null ? $cap : (int) round($own));
    }

    /**
     * Lengths over the band that matters, as many as the drill has; null where its own lie in it, or are part of what
     * it is.
     *
     * @param array{float, float} $band metres
     * @param float $step whole numbers of it, metres
     *
     * @return list<float>|null ascending
     */
    public function lengthsIn(array $band, float $step): ?array
    {
        $own = [];
        foreach ($this->card->rules->stations as $station) {
            if ($station->isScattered() || $station->backstroke !== null || $station->tier !== null) {
                return null;
            }
            $own[] = $station->length()->metres();
        }
        $n = count(array_unique($own));
        $isWithin = min($own) >= $band[0] - $step && max($own) <= $band[1] + $step;
        // At an edge or a rail the ground says how far it is.
        if ($isWithin || $n < 2 || in_array($this->card->rules->target, [TargetKind::Edge, TargetKind::Rail], true)) {
            return null;
        }
        $lengths = array_map(
            static fn(int $i): float => $step *
                max(1.0, round(($band[0] + (($band[1] - $band[0]) * $i) / ($n - 1)) / $step)),
            range(0, $n - 1),
        );
        $lengths = array_values(array_unique($lengths));

        return count($lengths) < 2 ? null : $lengths;
    }

    /** @return list<string> what speaks against it on this day; empty where nothing does */
    public function against(SessionLimits $day, StudentNeed $need): array
    {
        $against = [];
        if (!in_array($day->place, $this->card->places, true)) {
            $against[] = $day->place === 'mat' ? 'It is not a drill for a mat.' : 'It is a drill for a mat.';
        }
        if (!$day->hasHole && $day->place === 'green' && $this->card->rules->target->canBeHoled()) {
            $against[] = 'It needs a hole, and none is available.';
        }
        if ($day->bag !== null && !(new AvailableEquipment(bag: $day->bag))->fits($this->card)) {
            $against[] = 'Its equipment is not available.';
        }
        if ($this->card->schools !== [] && !in_array($need->school, $this->card->schools, true)) {
            $against[] = 'It does not fit this student’s teaching preference.';
        }
        if ($day->people > 1 && !$this->card->isForGroup) {
            $against[] = sprintf('It is not a drill for %d students at once.', $day->people);
        }
        if ($need->isGentle && $this->card->purpose === Purpose::Pressure) {
            $against[] = 'It adds pressure, and scores are hidden for this student.';
        }
        if ($day->isWeakTurf && ($this->card->rules->cap->balls ?? 0) > 24) {
            $against[] = 'The turf is weak, and it uses many balls from one spot.';
        }

        return $against;
    }
}
