<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/** Several students' offsets on one green and day, pooled with weights 1/V: they point at the green (maths.md 3.6). */
final readonly class GreenOffset
{
    /** Fewer students cannot tell the green from the strike. */
    public const FEWEST_STUDENTS = 2;

    /** @param float $offset log units, positive: the green runs faster than measured */
    private function __construct(public float $offset, public float $standardError, public int $students) {}

    /**
     * The plain means are pooled; the believed parts would be pulled to none twice.
     *
     * @param non-empty-list<SessionOffset> $sessions one per student
     */
    public static function pool(array $sessions): self
    {
        $sum = $sumWeights = 0.0;
        foreach ($sessions as $session) {
            $weight = 1.0 / $session->standardError ** 2;
            $sum += $weight * $session->offset;
            $sumWeights += $weight;
        }

        return new self($sum / $sumWeights, 1.0 / sqrt($sumWeights), count($sessions));
    }

    /** Whether several students' offset is worth a remark: more than two standard errors from none. */
    public function isRemarkable(): bool
    {
        return $this->students >= self::FEWEST_STUDENTS && abs($this->offset) > 2.0 * $this->standardError;
    }
}
