<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Json\JsonInput;

/** Up to the target and not over it, short by no more than a given length: at an edge, say. */
final readonly class ShortOnly extends PassRule implements ReadsFigures
{
    use JudgedByLength {
        contradiction as private needsATarget;
    }

    private function __construct(private float $within) {}

    public static function card(): KindDescription
    {
        return new KindDescription(
            'Stops short of it, never over',
            'stops on this side, no more than {within_m} short',
            [new Figure('within_m', 'Short by at most', FigureKind::Roll, 0.6)],
        );
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self($figures['within_m']);
    }

    public function window(PassContext $context): array
    {
        return [-($context->step ?? $this->within), 0.0];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target === TargetKind::Hole
            ? 'A ball that must not reach the hole can never be holed: give it an edge, a string or a line to stop at.'
            : $this->needsATarget($setting);
    }
}
