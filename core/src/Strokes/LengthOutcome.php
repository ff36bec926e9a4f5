<?php

declare(strict_types=1);

namespace Amble\Core\Strokes;

/** What to expect from one first-putt length. */
final readonly class LengthOutcome
{
    /**
     * @param float $lengthMetres
     * @param float|null $onePutt chance of holing it at once
     * @param float|null $threeOrMore chance of three putts or more
     * @param float|null $expected putts until holed; all three null for a pace nobody can hole
     */
    public function __construct(
        public float $lengthMetres,
        public ?float $onePutt,
        public ?float $threeOrMore,
        public ?float $expected,
    ) {}
}
