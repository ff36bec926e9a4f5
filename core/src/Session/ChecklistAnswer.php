<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** One point of a card as it was looked at. This class is immutable. */
final readonly class ChecklistAnswer
{
    /**
     * @param string|null $student null for whoever the session was begun for
     * @param string $card key of the card
     * @param string $point key of the point
     * @param PointAnswer|null $sight null for not looked at after all
     * @param string|null $word what was noted beside it
     */
    public function __construct(
        public int $atMilliseconds,
        public ?string $student,
        public string $card,
        public string $point,
        public ?PointAnswer $sight,
        public ?string $word,
    ) {}

    /** What it is the latest look of. */
    public function place(): string
    {
        return "$this->student $this->card $this->point";
    }
}
