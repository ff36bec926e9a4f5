<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** What a session is to hold, block by block. Immutable. */
final readonly class Plan
{
    private const MOST = 30;

    /**
     * @param positive-int $minutes at hand
     * @param list<Block> $blocks in the order they are done
     * @param list<Clash> $clashes what speaks against what the coach has set
     */
    public function __construct(public int $minutes, public array $blocks, public array $clashes = []) {}

    /** @throws InvalidInput If a field is unusable, or two blocks have one id. */
    public static function read(JsonInput $told): self
    {
        $blocks = array_map(Block::read(...), array_slice($told->objectsOrNone('blocks'), 0, self::MOST));
        if (count(array_unique(array_column($blocks, 'id'))) < count($blocks)) {
            throw InvalidInput::at($told->path('blocks'), 'Two blocks have the same id.');
        }

        return new self(max(1, $told->wholeNumber('minutes', 1, 480)), $blocks);
    }

    public function planned(): int
    {
        return array_sum(array_column($this->blocks, 'minutes'));
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return [
            'minutes' => $this->minutes,
            'blocks' => array_map(static fn(Block $block): array => $block->toArray(), $this->blocks),
        ];
    }
}
