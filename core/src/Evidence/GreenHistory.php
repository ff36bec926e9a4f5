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
     * @param list<MeasurementAt> $readings oldest first
     * @param array<string, non-empty-list<MeasurementAt>> $ofSession those taken in each session, oldest first
     * @param array<string, MeasurementAt> $chosen the one a coach chose to stand for a session, by session
     */
    private function __construct(private array $readings, private array $ofSession, private array $chosen) {}

    /**
     * @param list<MeasurementAt> $readings in any order; of the same moment the later one listed stands
     * @param array<string, string> $chosen ids of readings chosen to stand for a session, by session
     */
    public static function of(array $readings, array $chosen = []): self
    {
        usort(
            $readings,
            static fn(MeasurementAt $a, MeasurementAt $b): int => $a->atMilliseconds <=> $b->atMilliseconds,
        );
        $ofSession = $standing = [];
        foreach ($readings as $reading) {
            if ($reading->sessionId !== null) {
                $ofSession[$reading->sessionId][] = $reading;
            }
            foreach (array_keys($chosen, $reading->id, true) as $session) {
                $standing[$session] = $reading;
            }
        }

        return new self($readings, $ofSession, $standing);
    }

    /**
     * The reading a ball belongs to: the one chosen for its session, else the last of its own session before it
     * (or the first, for a ball rolled before that), else the last one of the green before it. Another session's
     * reading never takes the place of this session's own by itself. Null where there is none.
     */
    public function at(int $atMilliseconds, ?string $sessionId = null): ?MeasurementInForce
    {
        $own = $sessionId === null ? [] : $this->ofSession[$sessionId] ?? [];
        $reading =
            $this->chosen[$sessionId ?? ''] ??
            (self::lastBefore($own, $atMilliseconds) ??
                ($own[0] ?? self::lastBefore($this->readings, $atMilliseconds)));
        if ($reading === null) {
            return null;
        }
        $age = max(0, $atMilliseconds - $reading->atMilliseconds);
        $isOfTheDay = $age <= self::STANDS || ($sessionId !== null && $reading->sessionId === $sessionId);

        return new MeasurementInForce($reading, $isOfTheDay, $isOfTheDay ? 0 : (int) round($age / self::DAY));
    }

    /** @param list<MeasurementAt> $readings oldest first */
    private static function lastBefore(array $readings, int $atMilliseconds): ?MeasurementAt
    {
        [$low, $high] = [0, count($readings)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($readings[$middle]->atMilliseconds <= $atMilliseconds) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $readings[$low - 1] ?? null;
    }
}
