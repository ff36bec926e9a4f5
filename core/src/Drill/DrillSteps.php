<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Steps\Ladder;
use Amble\Core\Steps\StepRule;
use Amble\Core\Units\Length;

/** Widths of a gate or window to step through, widest first (maths.md 9). Metres. Immutable. */
final readonly class DrillSteps
{
    /** @param non-empty-list<Length> $widths */
    private function __construct(public array $widths) {}

    /**
     * @param list<Length> $widths
     *
     * @throws InvalidInput If there are fewer than two, or one is not narrower than the one before.
     */
    public static function of(array $widths, string $field = 'steps_m'): self
    {
        if (count($widths) < 2) {
            throw InvalidInput::at($field, 'Steps need at least two widths, the widest first.');
        }
        foreach ($widths as $i => $width) {
            if ($i > 0 && $width->metres() >= $widths[$i - 1]->metres()) {
                throw InvalidInput::at("$field.$i", 'Each step must be narrower than the one before it.');
            }
        }

        return new self($widths);
    }

    /** @param non-negative-int $start the rung to begin at */
    public function ladder(int $start = 0, ?StepRule $rule = null): Ladder
    {
        return Ladder::of(count($this->widths), $start, $rule);
    }

    /** The width in force at a rung. */
    public function width(Ladder $ladder): float
    {
        return $this->widths[min($ladder->step, count($this->widths) - 1)]->metres();
    }
}
