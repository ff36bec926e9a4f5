<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Change\Change;
use Amble\Core\Change\Comparison;
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
    ) {
    }

    /** Against the same figure of another time; null where either has no interval to compare. */
    public function since(self $before): ?Comparison
    {
        [$then, $now] = [$before->error(), $this->error()];

        return $then === null || $now === null || $before->value === null || $this->value === null || $this->n < 1
            ? null
            : Change::ofEstimates($before->value, $then, $this->value, $now, $this->n);
    }

    /**
     * The other time's figure and how this one stands to it, in one sentence.
     *
     * @param string|null $said the other time's figure, where its unit alone does not say all of it
     */
    public function sinceInWords(self $before, ?string $said = null): string
    {
        if ($before->value === null) {
            return 'Last time there was too little to tell.';
        }
        $then = $said ?? match ($this->unit) {
            FindingUnit::Share, FindingUnit::Spread => Say::percent($before->value),
            FindingUnit::Difference => sprintf('%+d %%', (int) round(100.0 * $before->value)),
            FindingUnit::OfLength => Say::ofLength($before->value),
            FindingUnit::Metres => Say::metres($before->value),
            FindingUnit::Small => Say::small($before->value),
            FindingUnit::Angle => Say::degrees(deg2rad($before->value)),
            FindingUnit::Degrees => sprintf('%.1f°', $before->value),
            FindingUnit::Number => rtrim(rtrim(sprintf('%.1f', $before->value), '0'), '.'),
        };
        $change = $this->since($before);

        return sprintf('Last time %s, from %d%s.', $then, $before->n, match (true) {
            $change === null => '',
            $change->isClear() => $change->difference > 0.0 ? ': clearly more now' : ': clearly less now',
            $change->furtherPutts === null => ': no clear difference',
            default => sprintf(': no clear difference yet; some %d balls more could show one', $change->furtherPutts),
        });
    }

    /** The standard error that the interval comes to; null without one of any width. */
    private function error(): ?float
    {
        if ($this->interval === null || $this->interval->high - $this->interval->low <= 0.0) {
            return null;
        }

        return $this->interval->error();
    }
}
