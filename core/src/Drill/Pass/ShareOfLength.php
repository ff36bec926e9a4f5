<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Json\JsonInput;

/** Inside a share of the length, short or long; sideways ignored (a tenth, unless the drill says otherwise). */
final readonly class ShareOfLength extends PassRule implements ReadsFigures
{
    use JudgedByLength;

    private function __construct(private float $share) {}

    public static function card(): KindDescription
    {
        return new KindDescription('Stops near its length', 'stops within {share} of its length', [
            new Figure('share', 'Short or long by at most', FigureKind::Share, DistanceControl::DEFAULT_WINDOW),
        ]);
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self($figures['share']);
    }

    public function window(PassContext $context): array
    {
        $half = $context->step ?? $this->share * $context->length->metres();

        // Over the edge never passes, however it was entered. At a hole the length that is meant lies past it.
        return [$context->finishPast - $half, $context->isAtEdge ? 0.0 : $context->finishPast + $half];
    }
}
