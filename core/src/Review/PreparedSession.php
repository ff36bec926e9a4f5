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
    public const VERSION = 1;

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

    /**
     * @param positive-int $n balls
     * @param int $first and $last Unix milliseconds of its first and last ball
     * @param array<class-string, array<array-key, mixed>> $parts what was prepared, by the class that does so
     * @param array<class-string, SessionPoint|null> $points by the measure's class
     */
    private function __construct(
        public string $id,
        public int $n,
        public int $first,
        public int $last,
        public array $parts,
        public array $points,
    ) {}

    /** @param BallSelection $balls of one session, at least one ball */
    public static function of(string $id, BallSelection $balls): self
    {
        $parts = $points = [];
        foreach (self::PREPARED as $class) {
            $parts[$class] = $balls->prepared($class);
        }
        $plain = $balls->plain();
        foreach (ReviewQuestion::drawn() as $measure) {
            $points[$measure] = SessionPoint::of($measure, $plain);
        }
        $rolled = $balls->balls();

        return new self(
            $id,
            max(1, count($rolled)),
            $rolled[0]->atMilliseconds ?? 0,
            $rolled[count($rolled) - 1]->atMilliseconds ?? 0,
            $parts,
            $points,
        );
    }

    /** Whether a thing was observed of any of its balls. */
    public function hasObserved(string $name): bool
    {
        $observed = $this->parts[BallCounts::class]['observed'] ?? [];

        return is_array($observed) && isset($observed["=$name"]);
    }

    /** As text, for keeping. */
    public function kept(): string
    {
        return json_encode(
            [
                $this->n,
                $this->first,
                $this->last,
                array_values($this->parts),
                array_map(static fn(?SessionPoint $point): ?array => $point?->kept(), array_values($this->points)),
            ],
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** @param string $kept by this VERSION */
    public static function restored(string $id, string $kept): self
    {
        /** @var array{positive-int, int, int, list<array<array-key, mixed>>, list<list<int|float|null>|null>} $whole */
        $whole = json_decode($kept, true, 16, JSON_THROW_ON_ERROR);
        [$n, $first, $last, $parts, $points] = $whole;

        return new self(
            $id,
            $n,
            $first,
            $last,
            array_combine(self::PREPARED, $parts),
            array_combine(
                array_values(ReviewQuestion::drawn()),
                array_map(
                    static fn(?array $point): ?SessionPoint => $point === null ? null : SessionPoint::restored($point),
                    $points,
                ),
            ),
        );
    }
}
