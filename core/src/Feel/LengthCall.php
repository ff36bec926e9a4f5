<?php

declare(strict_types=1);

namespace Amble\Core\Feel;

use Amble\Core\Numeric\Check;

/** Short, on or long: what was called before looking, or what the ball then did. */
enum LengthCall: string
{
    case Short = 'short';
    case On = 'on';
    case Long = 'long';

    /** @return -1|0|1 negative short, positive long */
    public function rank(): int
    {
        return match ($this) {
            self::Short => -1,
            self::On => 0,
            self::Long => 1,
        };
    }

    /**
     * What a relative error comes to inside a window.
     *
     * @param float $relativeError share of length, positive long
     * @param float $window share of length, above 0
     */
    public static function of(float $relativeError, float $window): self
    {
        return match (true) {
            $relativeError < -$window - Check::SLACK => self::Short,
            $relativeError > $window + Check::SLACK => self::Long,
            default => self::On,
        };
    }
}
