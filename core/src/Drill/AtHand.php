<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Json\JsonInput;

/** What is at hand today, and whether a drill fits it. This class is immutable. */
final readonly class AtHand
{
    /** Things a bag may hold, by the words a drill's kit uses for each. */
    private const PIECES = [
        'tees' => '/\btees?\b/',
        'discs' => '/\bdiscs?\b/',
        'rod' => '/\brods?\b/',
        'string' => '/\bstring\b/',
        'chalk' => '/\bchalk\b/',
        'rule' => '/\brule\b/',
        'tape' => '/\btape\b/',
        'mirror' => '/\b(mirror|light)\b/',
        'stand' => '/\b(cup|mug|bucket)\b/',
    ];

    /**
     * @param string|null $trained what is to be trained; null for anything, and likewise all the others
     * @param string|null $place 'green' or 'mat'
     * @param bool|null $hole whether a hole is to be putted at
     * @param list<string>|null $bag pieces at hand; balls always are
     */
    public function __construct(
        public ?string $trained = null,
        public ?int $minutes = null,
        public ?string $place = null,
        public ?bool $hole = null,
        public bool $isGroup = false,
        public ?array $bag = null,
    ) {
    }

    /** @return non-empty-list<string> the pieces a bag may hold */
    public static function pieces(): array
    {
        return array_keys(self::PIECES);
    }

    /**
     * @param JsonInput $card the drill as it is kept
     */
    public function fits(JsonInput $card, Drill $drill): bool
    {
        return ($this->trained === null || in_array($this->trained, $card->textsOrNone('trains', 80), true))
            && ($this->minutes === null || $card->numberOr('minutes', 0.0) <= $this->minutes)
            && ($this->place === null || in_array($this->place, $card->textsOrNone('places', 80), true))
            && ($this->hole === null || $this->hole === $drill->target->canBeHoled())
            && (!$this->isGroup || $card->flagOr('group', false))
            && ($this->bag === null || array_diff(self::piecesFor($card), $this->bag) === []);
    }

    /** @return list<string> pieces of the bag a drill's kit asks for */
    private static function piecesFor(JsonInput $card): array
    {
        $kit = $card->textsOrNone('kit', 300);

        return array_keys(array_filter(self::PIECES, static fn(string $words): bool => preg_grep($words, $kit) !== []));
    }
}
