<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Report\Shares;
use Amble\Core\Session\Observation\AnswerFormat;

/** Figures that kinds of check have in common. */
final class Figures
{
    /** Closer than this is on the middle, metres. */
    private const ON = 0.0005;

    /**
     * The mean of what was measured, and how widely it scatters.
     *
     * @param non-empty-list<float> $values
     * @param \Closure(float): string $say a value in words
     * @param \Closure(float): string $size how far apart two of them are, in words
     * @param list<FindingRow> $rows its parts
     */
    public static function mean(
        string $question,
        FindingUnit $unit,
        array $values,
        \Closure $say,
        \Closure $size,
        array $rows = [],
    ): Finding {
        $row = Means::row('', $unit, $values);
        $variance = Sample::variance($values);
        $interval = $row->interval;

        return new Finding(
            $question,
            ucfirst(
                sprintf(
                    '%s%s, from %d%s.',
                    $say((float) $row->value),
                    $interval === null ? '' : sprintf(', likely %s to %s', $say($interval->low), $say($interval->high)),
                    count($values),
                    $variance === null ? '' : sprintf('; two in three within %s of it', $size(sqrt($variance))),
                ),
            ),
            $unit,
            $row->value,
            $interval,
            count($values),
            null,
            $rows,
        );
    }

    /**
     * How many tries each word has; the figure is the share of one of them.
     *
     * @param string $field whose answers are words
     * @param string $counted the word whose share is followed
     */
    public static function words(
        string $question,
        CheckAttempts $tries,
        string $field,
        AnswerFormat $answers,
        string $counted,
    ): Finding {
        $rows = $parts = [];
        foreach ($answers->words as $word => $label) {
            $row = Shares::row($label, $tries->all, static fn(MadeAttempt $try): bool => $try->word($field) === $word);
            $rows[$word] = $row;
            if ($row->count() > 0) {
                $parts[] = $row->count() . ' ' . lcfirst($label);
            }
        }
        $whole = $rows[$counted];

        return new Finding(
            $question,
            sprintf('Of %d: %s.', $tries->n(), implode(', ', $parts)),
            FindingUnit::Share,
            $whole->value,
            $whole->interval,
            $tries->n(),
            null,
            array_values($rows),
        );
    }

    /**
     * A length to one side of a middle, in words: "{0.020 s} inside the ball".
     *
     * @param array{string, string} $sides what a negative one is called, and a positive one
     */
    public static function beside(float $metres, array $sides, string $middle): string
    {
        return abs($metres) < self::ON
            ? $middle
            : FigureText::small(abs($metres)) . ' ' . lcfirst($sides[$metres < 0.0 ? 0 : 1]);
    }

    /** The word most tries have, where more than half of them do. */
    public static function mostly(CheckAttempts $tries, string $field): ?string
    {
        $words = array_count_values(
            array_filter(array_map(static fn(MadeAttempt $try): ?string => $try->word($field), $tries->all)),
        );
        arsort($words);
        $most = array_key_first($words);

        return $most !== null && 2 * $words[$most] > $tries->n() ? $most : null;
    }
}
