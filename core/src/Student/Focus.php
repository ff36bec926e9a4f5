<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/** One thing that is worked at. This class is immutable. */
final readonly class Focus
{
    /** @param string|null $reason why it is worked at besides two others; null within the cap */
    public function __construct(public string $text, public ?string $reason) {}
}
