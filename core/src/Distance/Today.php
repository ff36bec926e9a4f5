<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

/**
 * Green or student: whether today's balls finish elsewhere than usual, without any backstroke (maths.md 5.2).
 *
 * The green is pooled over students; one alone cannot tell the green from the student. Immutable.
 */
final readonly class Today
{
    /** τ: how far days usually lie apart, share of length. */
    public const DAY_TO_DAY = 0.05;

    /**
     * @param Offset|null $green of what is meant; null when nobody's balls tell anything
     * @param list<Offset|null> $students each against their own usual
     * @param list<Offset|null> $own each against the green the others show
     */
    private function __construct(public ?Offset $green, public array $students, public array $own) {}

    /** @param list<StudentToday> $students */
    public static function of(array $students, float $dayToDay = self::DAY_TO_DAY): self
    {
        $offsets = array_map(static fn(StudentToday $student): ?Offset => $student->offset($dayToDay), $students);
        $own = [];
        foreach ($offsets as $i => $offset) {
            $others = self::pool(array_diff_key($offsets, [$i => true]));
            $own[] =
                $offset === null || $others === null
                    ? null
                    : new Offset(
                        $offset->value - $others->value,
                        hypot($offset->standardError, $others->standardError),
                    );
        }

        return new self(self::pool($offsets), $offsets, $own);
    }

    /** Whether green and student can be told apart: at least two students tell something. */
    public function isSeparable(): bool
    {
        return count(array_filter($this->students)) >= 2;
    }

    /** @param array<int, Offset|null> $offsets */
    private static function pool(array $offsets): ?Offset
    {
        $sum = $weights = 0.0;
        foreach (array_filter($offsets) as $offset) {
            $weight = 1.0 / $offset->standardError ** 2;
            $sum += $weight * $offset->value;
            $weights += $weight;
        }

        return $weights > 0.0 ? new Offset($sum / $weights, 1.0 / sqrt($weights)) : null;
    }
}
