<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Numeric\Interval;

/** What may be said of a change: outside the 95 % interval, outside the 80 % interval, or neither. */
enum ChangeCall: string
{
    case Clear = 'clear';
    case Likely = 'likely';
    case None = 'none';

    public const CLEAR_LEVEL = 0.95;
    public const LIKELY_LEVEL = 0.8;

    /**
     * @param Interval $wide of the difference at 95 %
     * @param Interval $narrow at 80 %
     */
    public static function of(Interval $wide, Interval $narrow): self
    {
        return match (true) {
            !$wide->contains(0.0) => self::Clear,
            !$narrow->contains(0.0) => self::Likely,
            default => self::None,
        };
    }

    /** "clearly" or "probably"; null where neither may be said. */
    public function adverb(): ?string
    {
        return match ($this) {
            self::Clear => 'clearly',
            self::Likely => 'probably',
            self::None => null,
        };
    }

    /**
     * "clearly shorter", "probably shorter", "no clear change".
     *
     * @param string $what what the difference means, as "shorter"
     * @param string|null $further what would settle it, as "3 more sessions"; null where nothing near would
     */
    public function inWords(string $what, ?string $further = null): string
    {
        return match ($this) {
            self::Clear => "{$this->adverb()} $what",
            self::Likely => "{$this->adverb()} $what" .
                ($further === null ? '' : "; about $further would make it clear"),
            self::None => $further === null ? 'no clear change' : "no clear change yet; about $further would show one",
        };
    }
}
