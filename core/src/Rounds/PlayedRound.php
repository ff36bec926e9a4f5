<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

/** The putting of one round, of nine holes or eighteen or as many as were noted. This class is immutable. */
final readonly class PlayedRound
{
    /**
     * @param list<Hole> $holes
     * @param bool $isFromMemory whether it was written down later
     */
    public function __construct(public array $holes, public bool $isFromMemory) {}

    /** @return list<Hole> those whose putts were counted */
    public function counted(): array
    {
        return array_values(array_filter($this->holes, static fn(Hole $hole): bool => $hole->putts !== null));
    }
}
