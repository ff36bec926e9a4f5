<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Review\Measure\AimSplit;
use Amble\Core\Review\Measure\Causes;
use Amble\Core\Review\Measure\EffectiveHoleWidth;
use Amble\Core\Review\Measure\FeelAgreement;
use Amble\Core\Review\Measure\HoledShare;
use Amble\Core\Review\Measure\ImpliedSlope;
use Amble\Core\Review\Measure\LeaveAlongAndAcross;
use Amble\Core\Review\Measure\LowSide;
use Amble\Core\Review\Measure\Marks;
use Amble\Core\Review\Measure\Pace;
use Amble\Core\Review\Measure\ReadError;
use Amble\Core\Review\Measure\RoutineRegularity;
use Amble\Core\Review\Measure\StartByBreak;
use Amble\Core\Review\Measure\StartLines;
use Amble\Core\Review\Measure\StartThrough;
use Amble\Core\Review\Measure\Strokes;
use Amble\Core\Review\Measure\StrokeTimes;
use Amble\Core\Review\Measure\ThroughButMissed;

/**
 * A student's balls of one session in the few numbers that measures need of them, and its points of the measures that
 * are drawn over time. This class is immutable.
 */
final readonly class PreparedSession
{
    /**
     * Counts up with every change of what is prepared, so that what was kept before is made anew. A test holds what is
     * prepared of a fixed session to this number.
     */
    public const VERSION = 3;

    /** @var list<class-string<Prepares>> */
    private const PREPARED = [
        BallCounts::class,
        Pace::class,
        LeaveAlongAndAcross::class,
        EffectiveHoleWidth::class,
        StartLines::class,
        StartThrough::class,
        StartByBreak::class,
        ThroughButMissed::class,
        AimSplit::class,
        LowSide::class,
        ReadError::class,
        ImpliedSlope::class,
        FeelAgreement::class,
        Strokes::class,
        StrokeTimes::class,
        Causes::class,
        Marks::class,
        RoutineRegularity::class,
        HoledShare::class,
    ];

    private Memo $read;

    /**
     * @param positive-int $n balls
     * @param int $first and $last Unix milliseconds of its first and last ball
     * @param list<string> $lines what was prepared, as JSON, in the order of the classes that do so, and after them the
     *     points of the drawn measures: most who ask want a few of them
     */
    private function __construct(
        public string $id,
        public int $n,
        public int $first,
        public int $last,
        private array $lines,
    ) {
        $this->read = new Memo();
    }

    /** @param BallSelection $balls of one session, at least one ball */
    public static function of(string $id, BallSelection $balls): self
    {
        $lines = array_map(
            static fn(string $class): string => self::json($balls->prepared($class)),
            self::PREPARED,
        );
        $plain = $balls->plain();
        $lines[] = self::json(
            array_map(
                static fn(string $measure): ?array => SessionPoint::of($measure, $plain)?->kept(),
                array_values(ReviewQuestion::drawn()),
            ),
        );
        $rolled = $balls->balls();

        return new self(
            $id,
            max(1, count($rolled)),
            $rolled[0]->atMilliseconds ?? 0,
            $rolled[count($rolled) - 1]->atMilliseconds ?? 0,
            $lines,
        );
    }

    /**
     * @param class-string<Prepares> $class
     *
     * @return array<array-key, mixed> what it prepared
     */
    public function part(string $class): array
    {
        return $this->line((int) array_search($class, self::PREPARED, true));
    }

    /** @param class-string<ChartedMeasure> $measure */
    public function point(string $measure): ?SessionPoint
    {
        $point = $this->line(count(self::PREPARED))[(int) array_search($measure, array_values(ReviewQuestion::drawn()), true)] ?? null;
        /** @var list<int|float|null>|null $point */

        return $point === null ? null : SessionPoint::restored($point);
    }

    /** Whether a thing was observed of any of its balls. */
    public function hasObserved(string $name): bool
    {
        $observed = $this->part(BallCounts::class)['observed'] ?? [];

        return is_array($observed) && isset($observed["=$name"]);
    }

    /** As text, for keeping. */
    public function kept(): string
    {
        return implode("\n", [self::json([$this->n, $this->first, $this->last]), ...$this->lines]);
    }

    /** @param string $kept by this VERSION */
    public static function restored(string $id, string $kept): self
    {
        $lines = explode("\n", $kept);
        /** @var array{positive-int, int, int} $head */
        $head = json_decode((string) array_shift($lines), true, 2, JSON_THROW_ON_ERROR);

        return new self($id, ...$head, lines: $lines);
    }

    /** @return array<array-key, mixed> */
    private function line(int $at): array
    {
        /** @var array<array-key, mixed> $read */
        $read = $this->read->answer(
            (string) $at,
            fn(): mixed => json_decode($this->lines[$at], true, 16, JSON_THROW_ON_ERROR),
        );

        return $read;
    }

    /** @param array<array-key, mixed> $part */
    private static function json(array $part): string
    {
        return json_encode($part, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
