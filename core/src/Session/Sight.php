<?php

declare(strict_types=1);

namespace Amble\Core\Session;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Numeric\Check;

/** What a drill asks to be seen of a ball beyond its backstroke and roll. Immutable. */
final readonly class Sight
{
    /**
     * @param float|null $side metres beside the line where it stopped, positive right
     * @param GateResult|null $gate how it met the gate or line
     * @param LengthCall|null $call what was called before looking
     * @param bool|null $hit whether it struck the stand-up object, ball or tee
     */
    private function __construct(
        public ?float $side,
        public ?GateResult $gate,
        public ?LengthCall $call,
        public ?bool $hit,
    ) {
    }

    public static function nothing(): self
    {
        return new self(null, null, null, null);
    }

    /** @throws InvalidInput If the side is not finite. */
    public static function of(
        ?float $side = null,
        ?GateResult $gate = null,
        ?LengthCall $call = null,
        ?bool $hit = null,
        string $path = '',
    ): self {
        if ($side !== null) {
            Check::finite($side, "{$path}side_m");
        }

        return new self($side, $gate, $call, $hit);
    }
}
