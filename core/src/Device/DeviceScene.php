<?php

declare(strict_types=1);

namespace Amble\Core\Device;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** What a reading is taken of: the ground, and the putt on it. Immutable. */
final readonly class DeviceScene
{
    /**
     * @param Length $target how far the ball is meant to roll, or the mark is away
     * @param Grade $along positive uphill
     * @param Grade $across positive rising to the right
     */
    public function __construct(
        public GreenSpeed $speed,
        public Length $target,
        public Grade $along,
        public Grade $across,
    ) {}

    /** A putt as it may lie on any green: no steeper than 2 % either way. */
    public static function anywhere(GreenSpeed $speed, Length $target, RandomSource $random): self
    {
        $grade = static fn(): Grade => Grade::ofPercent(4.0 * $random->uniform() - 2.0);

        return new self($speed, $target, $grade(), $grade());
    }
}
