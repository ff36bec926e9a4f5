<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
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

    /** Against the same figure of another session, as two sessions of one day each (maths.md 8.2); null where it may not be told. */
    public function since(self $before): ?PeriodChange
    {
        [$then, $now, $dayToDay] = [$before->asSession(), $this->asSession(), $this->unit->dayToDay()];

        return $then === null || $now === null || $dayToDay === null ? null : PeriodChange::of([$then], [$now], $dayToDay);
    }

    /**
     * This figure as one session's, on the scale on which its unit is compared: spreads as logarithms, shares as logits.
     * Null where it has no interval, or rests on too few balls.
     */
    public function asSession(): ?SessionFigure
    {
        $error = $this->error();
        if ($this->value === null || $error === null || $this->n < SessionFigure::FEWEST_BALLS) {
            return null;
        }

        return match ($this->unit) {
            FindingUnit::Share => SessionFigure::ofShare((int) round($this->value * $this->n), $this->n),
            FindingUnit::Spread, FindingUnit::Degrees => $this->value <= 0.0 ? null : SessionFigure::ofSpread($this->value, $this->n),
            default => SessionFigure::of($this->value, $error),
        };
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
            FindingUnit::Width => Say::width($before->value),
            FindingUnit::Angle => Say::degrees(deg2rad($before->value)),
            FindingUnit::Degrees => sprintf('%.1f°', $before->value),
            FindingUnit::Number => rtrim(rtrim(sprintf('%.1f', $before->value), '0'), '.'),
        };
        $change = $this->since($before);

        return sprintf('Last time %s, from %d%s.', $then, $before->n, $change === null ? '' : ': ' . $change->inWords('more now', 'less now'));
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
