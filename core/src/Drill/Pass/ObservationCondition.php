<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Numeric\Check;
use Amble\Core\Session\Observations;

/** One thing that must have been seen of a ball: one of a few answers, or a number in a range. Immutable. */
final readonly class ObservationCondition
{
    /**
     * @param string $name of the kind of thing seen
     * @param list<string|bool|int>|null $oneOf answers that will do; null where a range decides
     * @param array{float, float}|null $between both ends count
     */
    private function __construct(public string $name, public ?array $oneOf, public ?array $between) {}

    /** @param list<string|bool|int> $answers */
    public static function oneOf(string $name, array $answers): self
    {
        return new self($name, $answers, null);
    }

    public static function between(string $name, float $least, float $most): self
    {
        return new self($name, null, [$least, $most]);
    }

    public function isMet(Observations $sight): bool
    {
        if ($this->oneOf !== null) {
            return in_array($sight->answers[$this->name] ?? null, $this->oneOf, true);
        }
        [$least, $most] = $this->between ?? [0.0, 0.0];
        $value = $sight->number($this->name);

        return $value !== null && $value >= $least - Check::SLACK && $value <= $most + Check::SLACK;
    }
}
