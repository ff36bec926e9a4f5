<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\KindCard;

/** Struck with the middle of the face, as putty at toe and heel shows. */
final readonly class MiddleStrike extends PassRule
{
    use JudgedBySight;

    public static function card(): KindCard
    {
        return new KindCard('Struck with the middle', 'is struck with the middle of the face');
    }

    private static function condition(PassContext $context): SeenCondition
    {
        return SeenCondition::oneOf('strike', ['middle']);
    }

    public function axis(): Axis
    {
        return Axis::Both;
    }

    public function needs(): array
    {
        return ['strike'];
    }
}
