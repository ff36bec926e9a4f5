<?php

declare(strict_types=1);

namespace Amble\Core\Card;

/** One point of a card. This class is immutable. */
final readonly class ChecklistPoint
{
    /**
     * @param string $key that what was seen of it goes by
     * @param int|null $times how often it is done; null where it is not counted
     * @param bool $isOfFeet whether it is about the feet, which not every school looks at
     */
    public function __construct(
        public string $key,
        public string $text,
        public ?int $times = null,
        public bool $isOfFeet = false,
    ) {}
}
