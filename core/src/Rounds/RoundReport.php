<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

use Amble\Core\Numeric\Interval;
use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;

/** What rounds say of putting: putts, three-putts and what they cost, and from where first putts come. Immutable. */
final readonly class RoundReport
{
    private const HOLES = 18;
    private const LEVEL = 0.8;

    /**
     * @param int $rounds and of those $fromMemory written down later
     * @param int $holes whose putts were counted
     * @param int $strokesLost three-putts and twice the four-putts
     * @param int|null $avoidable three-putts from inside the coach's length, extreme slopes apart; null where the coach has set none
     * @param list<FirstPuttClass> $classes by first-putt length
     */
    private function __construct(
        public int $rounds,
        public int $fromMemory,
        public int $holes,
        public int $putts,
        public int $onePutts,
        public int $threePutts,
        public int $fourPutts,
        public int $strokesLost,
        public ?int $avoidable,
        public FirstPutts $firstPutts,
        public array $classes,
    ) {}

    /**
     * @param list<PlayedRound> $rounds
     * @param Length|null $inside three putts from inside this should not come; null where the coach has set none
     * @param Unit $unit in which classes of length are round
     */
    public static function of(array $rounds, ?Length $inside, Unit $unit = Unit::Feet): self
    {
        $holes = array_merge(...array_map(static fn(PlayedRound $round): array => $round->holes, $rounds));
        $counted = array_merge(...array_map(static fn(PlayedRound $round): array => $round->counted(), $rounds));
        $many = static fn(int $putts): int => count(
            array_filter($counted, static fn(Hole $hole): bool => $hole->putts === $putts),
        );
        $four = count(array_filter($counted, static fn(Hole $hole): bool => $hole->putts >= 4));
        $three = $many(3);

        return new self(
            rounds: count($rounds),
            fromMemory: count(array_filter($rounds, static fn(PlayedRound $round): bool => $round->isFromMemory)),
            holes: count($counted),
            putts: (int) array_sum(array_map(static fn(Hole $hole): int => $hole->putts ?? 0, $counted)),
            onePutts: $many(1),
            threePutts: $three,
            fourPutts: $four,
            strokesLost: $three + 2 * $four,
            avoidable: $inside === null
                ? null
                : count(array_filter($counted, static fn(Hole $hole): bool => self::isAvoidable($hole, $inside))),
            firstPutts: FirstPutts::of($holes, $unit),
            classes: self::classes($counted, $unit),
        );
    }

    public static function isAvoidable(Hole $hole, Length $inside): bool
    {
        return $hole->isThreePutt() &&
            !$hole->isExtreme &&
            $hole->first !== null &&
            $hole->first->metres() <= $inside->metres();
    }

    /** Figures as of a whole round; null before a hole was counted. */
    public function per18(int $count): ?float
    {
        return $this->holes === 0 ? null : (self::HOLES * $count) / $this->holes;
    }

    /**
     * @param list<Hole> $holes
     *
     * @return list<FirstPuttClass>
     */
    private static function classes(array $holes, Unit $unit): array
    {
        $classes = [];
        foreach (FirstPutts::of($holes, $unit)->classes() as [$low, $high, $n]) {
            $in = array_values(
                array_filter(
                    $holes,
                    static fn(Hole $hole): bool => $hole->first !== null &&
                        $hole->first->metres() > $low &&
                        ($high === null || $hole->first->metres() <= $high),
                ),
            );
            if ($n > 0 && $in !== []) {
                $share = static fn(\Closure $counts): array => [
                    count(array_filter($in, $counts)) / count($in),
                    Interval::wilson(count(array_filter($in, $counts)), count($in), self::LEVEL),
                ];
                $leaves = array_filter(
                    array_map(static fn(Hole $hole): ?float => $hole->leave?->metres(), $in),
                    static fn(?float $metres): bool => $metres !== null,
                );
                [$onePutts, $oneInterval] = $share(static fn(Hole $hole): bool => $hole->putts === 1);
                [$threePutts, $threeInterval] = $share(static fn(Hole $hole): bool => $hole->isThreePutt());
                $meanLeave = $leaves === [] ? null : array_sum($leaves) / count($leaves);
                $classes[] = new FirstPuttClass(
                    $low,
                    $high,
                    count($in),
                    $onePutts,
                    $oneInterval,
                    $threePutts,
                    $threeInterval,
                    $meanLeave,
                );
            }
        }

        return $classes;
    }
}
