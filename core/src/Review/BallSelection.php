<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Check\StudentChecks;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Student\Hand;

/**
 * Balls of one student that something is asked of: those of a session, of weeks, of one length. This class is
 * immutable.
 */
final readonly class BallSelection
{
    /** Lengths closer than this to the shortest of a class belong to it, share. */
    public const ONE_CLASS = 0.1;

    private Memo $known;

    /**
     * @param list<RolledBall> $balls oldest first
     * @param Surface|null $surface whose figures are told; mat and grass are never pooled
     * @param float $pace how far past the hole the student plays for, metres
     * @param bool $isPlain whether one figure a measure is enough, without its parts
     * @param StudentChecks $checked what was checked of the student besides the balls
     * @param PreparedSessions|null $sessions that stand for the balls, which are then read only where they are asked
     *     for
     */
    public function __construct(
        private array $balls,
        public ?Surface $surface,
        public float $pace,
        public Hand $hand = Hand::Right,
        public bool $isPlain = false,
        public StudentChecks $checked = new StudentChecks([]),
        public ?PreparedSessions $sessions = null,
    ) {
        $this->known = new Memo();
    }

    /** @return list<RolledBall> oldest first */
    public function balls(): array
    {
        return $this->sessions === null
            ? $this->balls
            : $this->once('balls', static fn(self $asked): array => $asked->sessions?->balls() ?? []);
    }

    public function count(): int
    {
        return $this->sessions?->count() ?? count($this->balls);
    }

    /**
     * What a measure needs of these balls: put together from their sessions where those are prepared.
     *
     * @param class-string<Prepares> $class
     *
     * @return array<array-key, mixed>
     */
    public function prepared(string $class): array
    {
        return $this->once(
            "prepared $class",
            static fn(self $asked): array => $asked->sessions?->part($class) ?? $class::prepare($asked),
        );
    }

    /**
     * Work something out of these balls once: many measures ask for the same first.
     *
     * @template Answer
     *
     * @param \Closure(self): Answer $workOut
     *
     * @return Answer
     */
    public function once(string $what, \Closure $workOut): mixed
    {
        return $this->known->answer($what, fn(): mixed => $workOut($this));
    }

    /** Balls of which one of some things was observed: those of sessions without any are not read for it. */
    public function having(string ...$names): self
    {
        $asked =
            $this->sessions === null
                ? $this
                : $this->ofSessions(
                    $this->sessions->where(
                        static fn(PreparedSession $session): bool => array_filter(
                            $names,
                            $session->hasObserved(...),
                        ) !== [],
                    ),
                );
        $index = $asked->observed();
        $places = [];
        foreach ($names as $name) {
            $places += array_flip($index[$name] ?? []);
        }
        ksort($places);

        return $this->with(array_values(array_intersect_key($asked->balls(), $places)));
    }

    /** @return array<string, list<int>> places of the balls, by each thing that was observed of them */
    private function observed(): array
    {
        return $this->once('observed', static function (self $asked): array {
            $places = [];
            foreach ($asked->balls() as $i => $ball) {
                foreach ($ball->ball->sight->answers as $name => $answer) {
                    $places[$name][] = $i;
                }
            }

            return $places;
        });
    }

    public function ofSessions(PreparedSessions $sessions): self
    {
        return new self([], $this->surface, $this->pace, $this->hand, $this->isPlain, $this->checked, $sessions);
    }

    /** The latest sessions that have so many balls together, as a whole. */
    public function latestSessions(int $most): self
    {
        $n = 0;
        $sessions = $this->sessionCounts();
        $ids = [];
        foreach (array_reverse($sessions, true) as $id => $count) {
            if ($n >= $most) {
                break;
            }
            $ids[] = (string) $id;
            $n += $count;
        }

        return $this->inSessions($ids);
    }

    /** @param list<string> $ids */
    public function inSessions(array $ids): self
    {
        return $this->sessions === null
            ? $this->where(static fn(RolledBall $ball): bool => in_array($ball->sessionId, $ids, true))
            : $this->ofSessions(
                $this->sessions->where(static fn(PreparedSession $session): bool => in_array($session->id, $ids, true)),
            );
    }

    /** @return array<string, int> balls of each session, oldest first */
    private function sessionCounts(): array
    {
        return $this->sessions === null
            ? array_map(static fn(self $session): int => $session->count(), $this->bySession())
            : array_column($this->sessions->all, 'n', 'id');
    }

    /**
     * The latest balls, oldest first: of many sessions only the last ones are read for them.
     *
     * @return list<RolledBall>
     */
    public function latest(int $most): array
    {
        $balls = $this->sessions === null ? $this->balls : $this->latestSessions($most)->balls();

        return array_slice($balls, -$most);
    }

    /** @param list<RolledBall> $balls */
    public function with(array $balls): self
    {
        return new self($balls, $this->surface, $this->pace, $this->hand, $this->isPlain, $this->checked);
    }

    /** The same, where one figure a measure is enough. */
    public function plain(): self
    {
        return new self($this->balls, $this->surface, $this->pace, $this->hand, true, $this->checked, $this->sessions);
    }

    /** @param \Closure(RolledBall): bool $keeps */
    public function where(\Closure $keeps): self
    {
        return $this->with(array_values(array_filter($this->balls(), $keeps)));
    }

    /** The first ball at each putt. */
    public function firstTries(): self
    {
        return $this->once(
            'first attempts',
            static fn(self $asked): self => $asked->where(static fn(RolledBall $ball): bool => $ball->attempt === 1),
        );
    }

    /** Those whose target lies within a tenth of a length, metres. */
    public function near(float $length): self
    {
        return $this->where(
            static fn(RolledBall $ball): bool => $ball->ball->target !== null &&
                abs($ball->ball->target->metres() - $length) <= self::ONE_CLASS * $length + 1e-9,
        );
    }

    /**
     * By length of the target: those within a tenth of the shortest of a class are one.
     *
     * @return list<array{float, self}> the length of each class that most of its balls were rolled from, metres,
     *     shortest first
     */
    public function byLength(): array
    {
        return $this->once('by length', static fn(self $asked): array => $asked->sortedByLength());
    }

    /** @return list<array{float, self}> */
    private function sortedByLength(): array
    {
        return array_map(
            fn(array $class): array => [$class[0], $this->with($class[1])],
            BallCounts::of($this)->byLength($this->balls(), BallCounts::lengthKeyOf(...)),
        );
    }

    /** @return array<string, self> by session, oldest first */
    public function bySession(): array
    {
        return $this->once('by session', static function (self $asked): array {
            $sessions = [];
            if ($asked->sessions !== null) {
                foreach ($asked->sessions->all as $i => $session) {
                    $sessions[$session->id] = $asked->ofSessions($asked->sessions->only($i));
                }

                return $sessions;
            }
            foreach ($asked->balls as $ball) {
                $sessions[$ball->sessionId][] = $ball;
            }

            return array_map($asked->with(...), $sessions);
        });
    }

    /** @return array<string, int> when the first ball of each session was rolled, Unix milliseconds, oldest first */
    public function sessionStarts(): array
    {
        return $this->sessions === null
            ? array_map(static fn(self $session): int => $session->balls()[0]->atMilliseconds ?? 0, $this->bySession())
            : array_column($this->sessions->all, 'first', 'id');
    }

    /**
     * The points of a measure that is drawn over time, by session, oldest first; null of a session that does not tell
     * it.
     *
     * @param class-string<ChartedMeasure> $measure
     *
     * @return array<string, SessionPoint|null>
     */
    public function points(string $measure): array
    {
        return $this->once(
            "points $measure",
            static fn(self $asked): array => $asked->sessions === null
                ? array_map(
                    static fn(self $session): ?SessionPoint => SessionPoint::of($measure, $session),
                    $asked->bySession(),
                )
                : array_map(
                    static fn(PreparedSession $session): ?SessionPoint => $session->point($measure),
                    array_column($asked->sessions->all, null, 'id'),
                ),
        );
    }

    /** Metres to the target; 0 without one. */
    public static function length(RolledBall $ball): float
    {
        return $ball->ball->target?->metres() ?? 0.0;
    }
}
