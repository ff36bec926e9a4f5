<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

/** What speaks against a plan. Immutable. */
final readonly class Clash
{
    /** @param string|null $block whose; null where it is the whole plan's */
    public function __construct(public ?string $block, public string $says) {}
}
