<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Green\GreenSpeed;

/** A reading of a green, as evidence: from when on, in which session, what, and how sure. This class is immutable. */
final readonly class MeasurementAt
{
    /**
     * @param int $atMilliseconds when it was taken, Unix time
     * @param string|null $sessionId in which it was taken
     * @param GreenSpeed|null $speed null for one that says it is unknown
     * @param float $relativeError standard error as a share of the speed
     * @param string|null $id by which a coach may choose it
     */
    public function __construct(
        public int $atMilliseconds,
        public ?string $sessionId,
        public ?GreenSpeed $speed,
        public float $relativeError,
        public ?string $id = null,
    ) {}
}
