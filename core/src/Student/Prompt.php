<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/** One thing said beside the lane, and the lengths it is said at. This class is immutable. */
final readonly class Prompt
{
    /**
     * @param float|null $from shortest length it holds at, metres; null from the hole on
     * @param float|null $to longest; null without end
     */
    public function __construct(public string $text, public ?float $from = null, public ?float $to = null) {}
}
