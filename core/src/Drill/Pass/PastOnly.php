<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/** At the target or past it, by no more than a given length; a holed ball passes. */
final readonly class PastOnly implements PassRule, LengthWindow
{
    use JudgedByLength;

    private function __construct(private float $within)
    {
    }

    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind', 'within_m']);

        return new self(Check::positive($rule->numberOr('within_m', 0.9), $rule->path('within_m')));
    }

    public function window(Length $length, ?float $step): array
    {
        return [0.0, $step ?? $this->within];
    }
}
