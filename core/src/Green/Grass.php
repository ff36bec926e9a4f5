<?php

declare(strict_types=1);

namespace Amble\Core\Green;

/** What a green is sown with, as a family: on some the lean of the leaves moves a ball, on others hardly. */
enum Grass: string
{
    case Bent = 'bent';
    case Fescue = 'fescue';
    case Meadow = 'meadow';
    case Rye = 'rye';
    case Bermuda = 'bermuda';
    case Kikuyu = 'kikuyu';
    case Paspalum = 'paspalum';
    case Zoysia = 'zoysia';

    public function label(): string
    {
        return match ($this) {
            self::Bent => 'Bentgrass',
            self::Fescue => 'Fescue',
            self::Meadow => 'Meadow-grass',
            self::Rye => 'Ryegrass',
            self::Bermuda => 'Bermuda grass',
            self::Kikuyu => 'Kikuyu grass',
            self::Paspalum => 'Paspalum',
            self::Zoysia => 'Zoysia',
        };
    }

    /** Those of warm seasons grow along the ground and lean; those of cool ones stand up. */
    public function isOfWarmSeason(): bool
    {
        return match ($this) {
            self::Bent, self::Fescue, self::Meadow, self::Rye => false,
            self::Bermuda, self::Kikuyu, self::Paspalum, self::Zoysia => true,
        };
    }

    /** Whether hints about grain are worth a coach's time here. */
    public function hasGrain(): bool
    {
        return $this->isOfWarmSeason();
    }
}
