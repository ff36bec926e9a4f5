<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\RolledBall;

/** Sessions of one student that were prepared, and a way to their balls where those are asked for. Immutable. */
final readonly class PreparedSessions
{
    /**
     * @param list<PreparedSession> $all oldest first
     * @param \Closure(list<string>): list<RolledBall> $balls of sessions by their ids, oldest first
     */
    public function __construct(public array $all, private \Closure $balls) {}

    public function count(): int
    {
        return array_sum(array_map(static fn(PreparedSession $session): int => $session->n, $this->all));
    }

    /** @param \Closure(PreparedSession): bool $keeps */
    public function where(\Closure $keeps): self
    {
        return new self(array_values(array_filter($this->all, $keeps)), $this->balls);
    }

    /** The one at a place in the list. */
    public function only(int $place): self
    {
        return new self(array_slice($this->all, $place, 1), $this->balls);
    }

    /** @return list<RolledBall> oldest first */
    public function balls(): array
    {
        return $this->all === []
            ? []
            : ($this->balls)(array_map(static fn(PreparedSession $session): string => $session->id, $this->all));
    }

    /**
     * @param class-string<Prepares> $class
     *
     * @return array<array-key, mixed> what it prepared of all of these
     */
    public function part(string $class): array
    {
        return self::together(
            array_map(static fn(PreparedSession $session): array => $session->part($class), $this->all),
        );
    }

    /**
     * @param list<array<array-key, mixed>> $parts
     *
     * @return array<array-key, mixed>
     */
    private static function together(array $parts): array
    {
        $fields = [];
        foreach ($parts as $part) {
            foreach ($part as $name => $value) {
                $fields[$name][] = $value;
            }
        }

        return array_map(static function (array $values): array|int|float {
            $lists = array_filter($values, is_array(...));
            if ($lists === []) {
                return array_sum($values);
            }

            // An empty list and an empty field are written alike.
            return array_filter($lists, array_is_list(...)) === $lists
                ? array_merge(...array_values($lists))
                : self::together(array_values($lists));
        }, $fields);
    }
}
