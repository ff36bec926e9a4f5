<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\BallSelection;

/** Too many balls of one putt running: the dose is part of the method. */
final class TooManyOfOnePutt implements Rule
{
    /** Ten to fifteen of one putt are a dose. */
    private const DOSE = 15;

    public function note(InsightFacts $facts): ?Insight
    {
        $balls = $facts->session?->balls() ?? [];
        $last = $balls === [] ? null : $balls[count($balls) - 1];
        $block =
            $last === null
                ? []
                : array_values(array_filter($balls, static fn($ball): bool => $ball->block === $last->block));

        return $last?->ball->target === null || count($block) <= self::DOSE
            ? null
            : new Insight(
                'dose.past',
                sprintf(
                    '%d balls in a row at one putt, from %s.',
                    count($block),
                    FigureText::metres(BallSelection::length($last)),
                ),
                'Ten to fifteen balls at one putt are enough; more only trains repeating it.',
                0.3,
                1.0,
                (string) intdiv(count($block), 5),
                'Another length, or another place on the green. One ball, one putt.',
                'A stroke that is being built needs repeats.',
            );
    }
}
