<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

/**
 * The readings of one green, sorted once, so that the one for a moment is found in O(log n).
 *
 * A reading stands for its day (maths.md 1.5), and for the whole of the session it was taken in; later it is
 * only the last one known. This class is immutable.
 */
final readonly class GreenHistory
{
    /** A reading stands so long after it was taken: a day's play. Milliseconds. */
    private const STANDS = 14 * 3_600_000;
    private const DAY = 24 * 3_600_000;

    /**
     * @param list<ReadingAt> $readings oldest first
     * @param array<string, ReadingAt> $firstOf the first one taken in each session
     */
    private function __construct(private array $readings, private array $firstOf)
    {
    }

    /** @param list<ReadingAt> $readings in any order; of the same moment the later one listed stands */
    public static function of(array $readings): self
    {
        usort($readings, static fn(ReadingAt $a, ReadingAt $b): int => $a->atMilliseconds <=> $b->atMilliseconds);
        $firstOf = [];
        foreach ($readings as $reading) {
            if ($reading->sessionId !== null) {
                $firstOf[$reading->sessionId] ??= $reading;
            }
        }

        return new self($readings, $firstOf);
    }

    /**
     * The reading a ball belongs to: the last one before it, or, for a ball rolled before its own session's
     * first reading, that one. Null where there is none.
     */
    public function at(int $atMilliseconds, ?string $sessionId = null): ?Standing
    {
        $before = $this->lastBefore($atMilliseconds);
        $own = $sessionId === null ? null : $this->firstOf[$sessionId] ?? null;
        $reading = $own !== null && ($before === null || $before->atMilliseconds < $own->atMilliseconds) ? $own : $before;
        if ($reading === null) {
            return null;
        }
        $age = max(0, $atMilliseconds - $reading->atMilliseconds);
        $isOfTheDay = $age <= self::STANDS || ($sessionId !== null && $reading->sessionId === $sessionId);

        return new Standing($reading, $isOfTheDay, $isOfTheDay ? 0 : max(1, (int) round($age / self::DAY)));
    }

    private function lastBefore(int $atMilliseconds): ?ReadingAt
    {
        [$low, $high] = [0, count($this->readings)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->readings[$middle]->atMilliseconds <= $atMilliseconds) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $this->readings[$low - 1] ?? null;
    }
}
