<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

/** Where a student's balls usually finish and how widely, from earlier sessions (maths.md 5.2). Immutable. */
final readonly class UsualLength
{
    /**
     * @param float|null $spread share of length; null while too few balls tell it
     * @param positive-int $balls behind it
     */
    public function __construct(public UsualBias $bias, public ?float $spread, public int $balls) {}
}
