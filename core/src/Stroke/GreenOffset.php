<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/** Several students' offsets on one green and day, pooled: points at the green (maths.md 3.6). */
final readonly class GreenOffset
{
    /** @param float $offset log units, positive: the green runs faster than measured */
    private function __construct(public float $offset, public float $standardError, public int $students)
    {
    }

    /**
     * Plain means weighted by 1/(σ²/n + τ²); the shrunk offsets would be pulled to none twice.
     *
     * @param non-empty-list<SessionOffset> $sessions one per student
     */
    public static function pool(array $sessions): self
    {
        $sum = $sumWeights = 0.0;
        foreach ($sessions as $session) {
            $weight = 1.0 / ($session->meanSquaredError + SessionOffset::BETWEEN_SESSIONS ** 2);
            $sum += $weight * $session->meanResidual;
            $sumWeights += $weight;
        }

        return new self($sum / $sumWeights, 1.0 / sqrt($sumWeights), count($sessions));
    }

    /** Whether the pooled offset is worth a remark: more than two standard errors from none. */
    public function isRemarkable(): bool
    {
        return abs($this->offset) > 2.0 * $this->standardError;
    }
}
