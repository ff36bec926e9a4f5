<?php

declare(strict_types=1);

namespace Amble\Core\Play;

use Amble\Core\Units\Length;

/** From where a student putts first: what is practised should be what is met. This class is immutable. */
final readonly class FirstPutts
{
    /** For want of rounds: an even spread in ratio, from a long tap-in to a long one, metres. */
    private const EVEN_SPREAD = [1.2, 1.8, 2.6, 3.7, 5.2, 7.4, 10.0, 12.2];

    /** Rounds with fewer first putts say nothing of a student's own. */
    public const FEWEST = 18;

    /** Middle three fifths of the first putts. */
    private const BAND = [0.2, 0.8];

    /** Ends of the classes they are told in, metres. */
    public const CLASSES = [1.0, 2.0, 3.0, 4.5, 6.0, 9.0, 12.0];

    /** @param list<float> $lengths metres, shortest first */
    private function __construct(public array $lengths)
    {
    }

    /** @param list<Hole> $holes */
    public static function of(array $holes): self
    {
        $lengths = array_values(array_filter(array_map(static fn(Hole $hole): ?float => $hole->first?->metres(), $holes), static fn(?float $metres): bool => $metres !== null));
        sort($lengths);

        return new self($lengths);
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

    /** @return non-empty-list<array{Length, float}> lengths and weights: the student's own, or an even spread for want of them */
    public function mix(): array
    {
        if (!$this->areEnough()) {
            return array_map(static fn(float $metres): array => [Length::ofMetres($metres), 1.0], self::EVEN_SPREAD);
        }
        $mix = [];
        foreach ($this->classes() as [$low, $high, $n]) {
            $in = array_filter($this->lengths, static fn(float $metres): bool => $metres > $low && ($high === null || $metres <= $high));
            if ($n > 0) {
                $mix[] = [Length::ofMetres(array_sum($in) / $n), (float) $n];
            }
        }
        assert($mix !== []);

        return $mix;
    }

    /** @return list<array{float, float|null, int}> ends of each class in metres, the last one open, and how many lie in it */
    public function classes(): array
    {
        $classes = [];
        foreach ([0.0, ...self::CLASSES] as $i => $low) {
            $high = self::CLASSES[$i] ?? null;
            $classes[] = [$low, $high, count(array_filter($this->lengths, static fn(float $metres): bool => $metres > $low && ($high === null || $metres <= $high)))];
        }

        return $classes;
    }

    private function at(float $share): float
    {
        return $this->lengths[(int) round($share * (count($this->lengths) - 1))];
    }
}
