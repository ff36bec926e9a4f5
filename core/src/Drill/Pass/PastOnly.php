<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Json\JsonInput;

/** At the target or past it, by no more than a given length; a holed ball passes. */
final readonly class PastOnly extends PassRule implements ReadsFigures
{
    use JudgedByLength;

    private function __construct(private float $within) {}

    public static function card(): KindDescription
    {
        return new KindDescription('Reaches it, not far past', 'reaches it, and no more than {within_m} past', [
            new Figure('within_m', 'Past by at most', FigureKind::Roll, 0.9),
        ]);
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self($figures['within_m']);
    }

    public function window(PassContext $context): array
    {
        return [0.0, $context->step ?? $this->within];
    }
}
