<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\KindCard;

/** The stand-up object, the ball or the tee was struck. */
final readonly class Hit extends PassRule
{
    use JudgedBySight;

    public static function card(): KindCard
    {
        return new KindCard('Strikes it', 'strikes it');
    }

    private static function condition(PassContext $context): SeenCondition
    {
        return SeenCondition::oneOf('hit', [true]);
    }

    public function axis(): Axis
    {
        return Axis::Both;
    }

    public function needs(): array
    {
        return ['hit'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target->canBeHit() ? null : 'Nothing can be struck at this target.';
    }
}
