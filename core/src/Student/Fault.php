<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/**
 * A fault that is known of a student: how it shows, what cures it, whether it is still there. This class is immutable.
 */
final readonly class Fault
{
    public function __construct(
        public string $fault,
        public ?string $shows,
        public ?string $cure,
        public bool $isOpen,
    ) {}
}
