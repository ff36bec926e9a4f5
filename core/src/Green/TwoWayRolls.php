<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Numeric\Sample;

/**
 * One figure per roll, along a line and back; at least one direction has a roll.
 *
 * @internal shared by the ramp and the stopwatch, which differ only in what the figure is
 */
final readonly class TwoWayRolls
{
    /**
     * @param list<float> $first
     * @param list<float> $second
     */
    public function __construct(private array $first, private array $second)
    {
        assert($first !== [] || $second !== []);
    }

    public function isOneWay(): bool
    {
        return $this->first === [] || $this->second === [];
    }

    /** Give the name of the first direction that was rolled, for errors. */
    public function firstRolled(string $first, string $second): string
    {
        return $this->first === [] ? $second : $first;
    }

    /** @return list<non-empty-list<float>> the directions that were rolled */
    public function directions(): array
    {
        return array_values(
            array_filter([$this->first, $this->second], static fn(array $rolls): bool => $rolls !== []),
        );
    }

    /** @return list<float> mean of each rolled direction */
    public function means(): array
    {
        return array_map(Sample::mean(...), $this->directions());
    }

    /**
     * Squared standard error of each direction's mean; null when neither direction has two rolls.
     *
     * A direction with one roll has no scatter of its own and borrows the other's (maths.md 1.2).
     *
     * @return list<float>|null
     */
    public function squaredErrors(): ?array
    {
        $variances = array_map(Sample::variance(...), $this->directions());
        $known = array_values(array_filter($variances, static fn(?float $variance): bool => $variance !== null));
        if ($known === []) {
            return null;
        }
        $errors = [];
        foreach ($this->directions() as $i => $rolls) {
            $errors[] = ($variances[$i] ?? $known[0]) / count($rolls);
        }

        return $errors;
    }

    public function degreesOfFreedom(): int
    {
        return count($this->first) + count($this->second) - count($this->directions());
    }

    /** @return list<Warning> */
    public function commonWarnings(): array
    {
        $warnings = $this->isOneWay() ? [Warning::OneDirection] : [];
        foreach ($this->directions() as $rolls) {
            if (count($rolls) === 1) {
                return [...$warnings, Warning::SingleRoll];
            }
        }

        return $warnings;
    }
}
