<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\KindCard;

/** A tee or the like was met, fully or grazed: a graze is a ball the hole would have taken. */
final readonly class SmallTarget extends PassRule
{
    use JudgedBySight;

    public static function card(): KindCard
    {
        return new KindCard('Meets it fully or grazes it', 'meets it, fully or grazing');
    }

    private static function condition(PassContext $context): SeenCondition
    {
        return SeenCondition::oneOf('contact', ['full', 'graze']);
    }

    public function axis(): Axis
    {
        return Axis::Line;
    }

    public function needs(): array
    {
        return ['contact'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target->canBeHit() ? null : 'Nothing can be struck at this target.';
    }
}
