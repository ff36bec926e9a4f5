<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/** Inside a share of the length, short or long; sideways ignored (a tenth, unless the drill says otherwise). */
final readonly class ShareOfLength implements PassRule, LengthWindow
{
    use JudgedByLength;

    private function __construct(private float $share)
    {
    }

    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind', 'share']);

        return new self(Check::share($rule->numberOr('share', DistanceControl::DEFAULT_WINDOW), $rule->path('share')));
    }

    public function window(Length $length, ?float $step): array
    {
        $half = $step ?? $this->share * $length->metres();

        return [-$half, $half];
    }
}
