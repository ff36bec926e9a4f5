<?php

declare(strict_types=1);

namespace Amble\Core\Session;

use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** A station of a session: how far from the target it is, and as it was said. This class is immutable. */
final readonly class SessionStation
{
    /**
     * @param string $said the length with its unit, as the coach said it
     * @param Grade|null $grade along the line; null when nobody looked
     * @param Grade|null $across rising to the right; null when nobody looked
     */
    public function __construct(
        public string $id,
        public Length $length,
        public string $said,
        public ?Grade $grade,
        public ?Grade $across,
    ) {}
}
