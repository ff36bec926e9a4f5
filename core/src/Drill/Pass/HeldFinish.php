<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\KindCard;

/** The finish was held until the ball stopped, wherever it went. */
final readonly class HeldFinish extends PassRule
{
    use JudgedBySight;

    public static function card(): KindCard
    {
        return new KindCard('The finish is held', 'is followed from a finish held still');
    }

    private static function condition(PassContext $context): SeenCondition
    {
        return SeenCondition::oneOf('held', [true]);
    }

    public function axis(): Axis
    {
        return Axis::Both;
    }

    public function needs(): array
    {
        return ['held'];
    }
}
