<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** A margin note a coach put away. This class is immutable. */
final readonly class DismissedInsight
{
    /**
     * @param string|null $evidence the stamp of what it rested on; null when unknown, so that it stays away
     *                              for this session only
     */
    public function __construct(public string $key, public ?string $evidence, public ?string $reason) {}
}
