<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Equipment\EquipmentItem;
use Amble\Core\Drill\Equipment\EquipmentType;

/** What is at hand today, and whether a drill fits it. This class is immutable. */
final readonly class AvailableEquipment
{
    /**
     * @param string|null $trained what is to be trained; null for anything, and likewise all the others
     * @param string|null $place 'green' or 'mat'
     * @param bool|null $hole whether a hole is to be putted at
     * @param list<EquipmentType>|null $bag pieces at hand; balls always are
     */
    public function __construct(
        public ?string $trained = null,
        public ?int $minutes = null,
        public ?string $place = null,
        public ?bool $hole = null,
        public bool $isGroup = false,
        public ?array $bag = null,
        public ?Purpose $purpose = null,
    ) {}

    public function fits(Drill $card): bool
    {
        return ($this->trained === null || in_array($this->trained, $card->trains, true)) &&
            ($this->minutes === null || ($card->minutes ?? 0) <= $this->minutes) &&
            ($this->place === null || in_array($this->place, $card->places, true)) &&
            ($this->hole === null || $this->hole === $card->rules->target->canBeHoled()) &&
            (!$this->isGroup || $card->isForGroup) &&
            ($this->purpose === null || $this->purpose === $card->purpose) &&
            $this->holds($card);
    }

    private function holds(Drill $card): bool
    {
        $bag = $this->bag;

        return $bag === null ||
            array_filter(
                $card->kit,
                static fn(EquipmentItem $item): bool => $item->piece !== EquipmentType::Ball &&
                    !in_array($item->piece, $bag, true),
            ) === [];
    }
}
