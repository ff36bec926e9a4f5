<?php

declare(strict_types=1);

namespace Amble\Core\Card;

use Amble\Core\Session\PointAnswer;

/** A card as it was last looked at, each point against the look before. This class is immutable. */
final readonly class ChecklistReport
{
    /**
     * @param array<string, list<PointInSession>> $seen by point, in the card's order, oldest first; only points that were looked at
     */
    private function __construct(public Checklist $card, public array $seen) {}

    /** @param list<PointInSession> $points of one student, oldest first, of whatever card */
    public static function of(Checklist $card, array $points): self
    {
        $seen = [];
        foreach ($card->points as $point) {
            $own = array_values(
                array_filter(
                    $points,
                    static fn(PointInSession $each): bool => $each->card === $card->key && $each->point === $point->key,
                ),
            );
            if ($own !== []) {
                $seen[$point->key] = $own;
            }
        }

        return new self($card, $seen);
    }

    /** The last look at a point; null where nobody looked. */
    public function last(string $point): ?PointInSession
    {
        $own = $this->seen[$point] ?? [];

        return $own[count($own) - 1] ?? null;
    }

    /** How it looked the time before. */
    public function before(string $point): ?PointAnswer
    {
        $own = $this->seen[$point] ?? [];

        return ($own[count($own) - 2] ?? null)?->sight;
    }

    /** @return list<string> what wants attention, in the words of the card and what was noted beside it */
    public function attention(): array
    {
        $lines = [];
        foreach ($this->card->points as $point) {
            $last = $this->last($point->key);
            if ($last?->sight === PointAnswer::Attention) {
                $lines[] = $last->word === null ? $point->text : "$point->text: $last->word";
            }
        }

        return $lines;
    }
}
