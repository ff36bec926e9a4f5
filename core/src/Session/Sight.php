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
     * @param int|null $puttsToFinish further putts until holed, for balls that were putted out
     */
    private function __construct(
        public ?float $side,
        public ?GateResult $gate,
        public ?LengthCall $call,
        public ?bool $hit,
        public ?int $puttsToFinish,
    ) {
    }

    public static function nothing(): self
    {
        return new self(null, null, null, null, null);
    }

    /** @throws InvalidInput If the side is not finite or the further putts are below 1. */
    public static function of(
        ?float $side = null,
        ?GateResult $gate = null,
        ?LengthCall $call = null,
        ?bool $hit = null,
        ?int $puttsToFinish = null,
        string $path = '',
    ): self {
        if ($side !== null) {
            Check::finite($side, "{$path}side_m");
        }
        if ($puttsToFinish !== null && $puttsToFinish < 1) {
            throw InvalidInput::outside("{$path}putts_to_finish", $puttsToFinish, 'at least 1');
        }

        return new self($side, $gate, $call, $hit, $puttsToFinish);
    }
}
