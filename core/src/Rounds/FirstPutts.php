<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;

/** From where a student putts first: what is practised should be what is met. This class is immutable. */
final readonly class FirstPutts
{
    /** For want of rounds: an even spread in ratio, from a long tap-in to a long one, metres. */
    private const EVEN_SPREAD = [1.2, 1.8, 2.6, 3.7, 5.2, 7.4, 10.0, 12.2];

    /** Rounds with fewer first putts say nothing of a student's own. */
    public const FEWEST = 18;

    /** Middle three fifths of the first putts. */
    private const BAND = [0.2, 0.8];

    /** Ends of the classes they are told in, round in the unit of whoever reads them. */
    private const FEET = [3.0, 6.0, 10.0, 15.0, 20.0, 30.0, 40.0];
    private const METRES = [1.0, 2.0, 3.0, 4.5, 6.0, 9.0, 12.0];

    /**
     * @param list<float> $lengths metres, shortest first
     * @param non-empty-list<float> $ends of the classes, metres
     */
    private function __construct(public array $lengths, private array $ends) {}

    /**
     * @param list<Hole> $holes
     * @param Unit $unit in which classes are round
     */
    public static function of(array $holes, Unit $unit): self
    {
        $lengths = array_values(
            array_filter(
                array_map(static fn(Hole $hole): ?float => $hole->first?->metres(), $holes),
                static fn(?float $metres): bool => $metres !== null,
            ),
        );
        sort($lengths);

        $ends =
            $unit === Unit::Metres
                ? self::METRES
                : array_map(static fn(float $feet): float => $feet * Length::METRES_PER_FOOT, self::FEET);

        return new self($lengths, $ends);
    }

    /** @return array{float, float} the ends of what stands in for want of rounds, metres */
    public static function evenSpread(): array
    {
        return [min(self::EVEN_SPREAD), max(self::EVEN_SPREAD)];
    }

    /** @return non-negative-int how many more it takes until they speak for the student */
    public function wanting(): int
    {
        return max(0, self::FEWEST - count($this->lengths));
    }

    /** Whether they are enough to speak for the student. */
    public function areEnough(): bool
    {
        return count($this->lengths) >= self::FEWEST;
    }

    /** @return array{float, float}|null the lengths most first putts lie between, metres; null while they are few */
    public function band(): ?array
    {
        return $this->areEnough() ? [$this->at(self::BAND[0]), $this->at(self::BAND[1])] : null;
    }

    /**
     * @return non-empty-list<array{Length, float}> lengths and weights: the student's own, or an even spread for want of them
     */
    public function mix(): array
    {
        if (!$this->areEnough()) {
            return array_map(static fn(float $metres): array => [Length::ofMetres($metres), 1.0], self::EVEN_SPREAD);
        }
        $mix = [];
        foreach ($this->classes() as [$low, $high, $n]) {
            $in = array_filter(
                $this->lengths,
                static fn(float $metres): bool => $metres > $low && ($high === null || $metres <= $high),
            );
            if ($n > 0) {
                $mix[] = [Length::ofMetres(array_sum($in) / $n), (float) $n];
            }
        }
        assert($mix !== []);

        return $mix;
    }

    /**
     * @return list<array{float, float|null, int}> ends of each class in metres, the last one open, and how many lie in
     *     it
     */
    public function classes(): array
    {
        $classes = [];
        foreach ([0.0, ...$this->ends] as $i => $low) {
            $high = $this->ends[$i] ?? null;
            $classes[] = [
                $low,
                $high,
                count(
                    array_filter(
                        $this->lengths,
                        static fn(float $metres): bool => $metres > $low && ($high === null || $metres <= $high),
                    ),
                ),
            ];
        }

        return $classes;
    }

    private function at(float $share): float
    {
        return $this->lengths[(int) round($share * (count($this->lengths) - 1))];
    }
}
