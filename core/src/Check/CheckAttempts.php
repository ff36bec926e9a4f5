<?php

declare(strict_types=1);

namespace Amble\Core\Check;

/** Tries of one student at one check, oldest first. This class is immutable. */
final readonly class CheckAttempts
{
    /** @param list<MadeAttempt> $all */
    public function __construct(public array $all) {}

    public function n(): int
    {
        return count($this->all);
    }

    /** @param \Closure(MadeAttempt): bool $keeps */
    public function where(\Closure $keeps): self
    {
        return new self(array_values(array_filter($this->all, $keeps)));
    }

    /** Those that gave a word as the answer of a field. */
    public function saying(string $field, string $word): self
    {
        return $this->where(static fn(MadeAttempt $try): bool => $try->word($field) === $word);
    }

    /** @return list<float> what was given as the number of a field, where one was */
    public function numbers(string $field): array
    {
        return array_values(
            array_filter(
                array_map(static fn(MadeAttempt $try): ?float => $try->number($field), $this->all),
                static fn(?float $number): bool => $number !== null,
            ),
        );
    }

    /** @return array<string, self> by session, oldest first */
    public function bySession(): array
    {
        $sessions = [];
        foreach ($this->all as $try) {
            $sessions[$try->session][] = $try;
        }

        return array_map(static fn(array $some): self => new self($some), $sessions);
    }

    /** Those of the last session that had some. */
    public function latest(): self
    {
        $sessions = $this->bySession();

        return $sessions === [] ? $this : $sessions[array_key_last($sessions)];
    }
}
