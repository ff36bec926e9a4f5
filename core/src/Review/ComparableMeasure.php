<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Change\SessionFigure;

/** A measure whose change over sessions may be called (maths.md 8.2). */
interface ComparableMeasure extends ChartedMeasure
{
    /**
     * One session's figure with its own standard error, on the scale on which changes are told: spreads as logarithms,
     * shares as logits. Null where the session does not tell it.
     */
    public static function figure(BallSelection $session): ?SessionFigure;

    /** τ₀: how far days usually lie apart, on the same scale. */
    public static function dayToDay(): float;

    /** @return array{string, string} what a positive difference means of the later sessions, and what a negative one */
    public static function words(): array;
}
