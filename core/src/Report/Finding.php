<?php

declare(strict_types=1);

namespace Amble\Core\Report;

use Amble\Core\Numeric\Interval;

/** What a drill found: one figure for what it looks at, how sure that is, and one sentence. This class is immutable. */
final readonly class Finding
{
    /** Fewer balls than this tell only roughly, and it is said. */
    public const FEW = 10;

    /**
     * @param string $question that the finding answers
     * @param string $sentence a length in it stands in braces, "{0.450 m}", for the screen to show in the coach's unit
     * @param float|null $value null where too few balls tell it
     * @param Interval|null $interval at 80 %; null where there is none
     * @param int $n balls behind it
     * @param FindingRow|null $first the same figure from first tries alone
     * @param list<FindingRow> $rows its parts
     * @param bool $isScore whether it counts success, and not what was done
     */
    public function __construct(
        public string $question,
        public string $sentence,
        public FindingUnit $unit,
        public ?float $value,
        public ?Interval $interval,
        public int $n,
        public ?FindingRow $first = null,
        public array $rows = [],
        public bool $isScore = false,
    ) {}

    /**
     * A finding whose figure is that of its first row.
     *
     * @param string $sentence as the constructor takes it
     * @param list<FindingRow> $rows its parts; without any, the finding has no figure
     * @param int|null $n balls behind it where they are more than the first row's
     */
    public static function ofRows(
        string $question,
        string $sentence,
        FindingUnit $unit,
        array $rows,
        ?int $n = null,
    ): self {
        $first = $rows[0] ?? null;

        return new self(
            $question,
            $sentence,
            $unit,
            $first?->value,
            $first?->interval,
            $n ?? ($first->n ?? 0),
            rows: $rows,
        );
    }

    /** The standard error that the interval comes to; null without one of any width. */
    public function error(): ?float
    {
        if ($this->interval === null || $this->interval->high - $this->interval->low <= 0.0) {
            return null;
        }

        return $this->interval->error();
    }
}
