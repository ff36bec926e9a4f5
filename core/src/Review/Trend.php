<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\TrendPoint;

/** One measure over time: a point a session, and whether it has changed. This class is immutable. */
final readonly class Trend
{
    /**
     * @param string $question it answers
     * @param non-empty-list<TrendPoint> $points oldest first
     * @param string $sentence what may be said of its change
     * @param PeriodChange|null $change of the latest third of the sessions against the rest; null where a trend may not
     *     be told
     */
    private function __construct(
        public string $key,
        public string $question,
        public FindingUnit $unit,
        public array $points,
        public string $sentence,
        public ?PeriodChange $change,
    ) {}

    /**
     * @param class-string<ChartedMeasure> $measure
     * @param int $sessionsForTrend fewer sessions tell no trend, the coach's number
     */
    public static function of(string $key, string $measure, BallSelection $asked, int $sessionsForTrend): ?self
    {
        $points = [];
        $starts = $asked->sessionStarts();
        foreach ($asked->points($measure) as $session => $point) {
            if ($point?->value !== null) {
                $points[] = new TrendPoint($session, $starts[$session], $point->value, $point->interval, $point->n);
            }
        }
        if ($points === []) {
            return null;
        }
        $last = $measure::of($asked->bySession()[$points[count($points) - 1]->sessionId]);
        if ($last === null) {
            return null;
        }
        // Of what is only drawn no change is called: the last session's own sentence stands.
        [$change, $sentence] = !is_subclass_of($measure, ComparableMeasure::class)
            ? [null, $last->sentence]
            : self::changeAndSentence($measure, $asked, $points, $sessionsForTrend);

        return new self($key, $last->question, $last->unit, $points, $sentence, $change);
    }

    /**
     * @param class-string<ComparableMeasure> $measure
     * @param non-empty-list<TrendPoint> $points
     *
     * @return array{PeriodChange|null, string}
     */
    private static function changeAndSentence(
        string $measure,
        BallSelection $asked,
        array $points,
        int $sessionsForTrend,
    ): array {
        $needed = max(2, $sessionsForTrend);
        $told = count(MeasureChange::figures($measure, $asked));
        if ($told < $needed) {
            return [
                null,
                $told < count($points)
                    ? sprintf(
                        '%d of %d sessions have enough balls to compare; a trend needs %d.',
                        $told,
                        count($points),
                        $needed,
                    )
                    : sprintf('%s so far; a trend needs %d.', $told === 1 ? 'One session' : "$told sessions", $needed),
            ];
        }
        [$change, $earlier, $later] = MeasureChange::trend($measure, $asked);

        return [
            $change,
            sprintf(
                'The latest %s compared with the %s before: %s.',
                $later === 1 ? 'session' : "$later sessions",
                $earlier === 1 ? 'one' : (string) $earlier,
                $change->inWords(...$measure::words()),
            ),
        ];
    }
}
