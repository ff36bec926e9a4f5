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
     */
    public function __construct(
        public array $balls,
        public ?Surface $surface,
        public float $pace,
        public Hand $hand = Hand::Right,
        public bool $isPlain = false,
        public StudentChecks $checked = new StudentChecks([]),
    ) {
        $this->known = new Memo();
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

    /** @param list<RolledBall> $balls */
    public function with(array $balls): self
    {
        return new self($balls, $this->surface, $this->pace, $this->hand, $this->isPlain, $this->checked);
    }

    /** The same, where one figure a measure is enough. */
    public function plain(): self
    {
        return new self($this->balls, $this->surface, $this->pace, $this->hand, true, $this->checked);
    }

    /** @param \Closure(RolledBall): bool $keeps */
    public function where(\Closure $keeps): self
    {
        return $this->with(array_values(array_filter($this->balls, $keeps)));
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
        $lengths = [];
        foreach ($this->balls as $i => $ball) {
            if ($ball->ball->target !== null) {
                $lengths[$i] = $ball->ball->target->metres();
            }
        }
        asort($lengths);
        $classes = [];
        $shortest = -INF;
        foreach ($lengths as $i => $length) {
            if ($length > $shortest * (1.0 + self::ONE_CLASS)) {
                $shortest = $length;
                $classes[] = [];
            }
            $classes[count($classes) - 1][$i] = $length;
        }

        return array_values(
            array_map(function (array $class): array {
                $own = self::commonest($class);
                // Back in the order they were rolled.
                ksort($class);

                return [$own, $this->with(array_values(array_intersect_key($this->balls, $class)))];
            }, $classes),
        );
    }

    /**
     * A length that was set out, and not one between two that nobody set out; of equally common ones the shortest.
     *
     * @param non-empty-array<int, float> $lengths
     */
    private static function commonest(array $lengths): float
    {
        $counts = array_count_values(array_map(static fn(float $metres): string => sprintf('%.3f', $metres), $lengths));
        ksort($counts, SORT_NUMERIC);

        return (float) array_search(max($counts), $counts, true);
    }

    /** @return array<string, self> by session, oldest first */
    public function bySession(): array
    {
        return $this->once('by session', static function (self $asked): array {
            $sessions = [];
            foreach ($asked->balls as $ball) {
                $sessions[$ball->sessionId][] = $ball;
            }

            return array_map($asked->with(...), $sessions);
        });
    }

    /** Metres to the target; 0 without one. */
    public static function length(RolledBall $ball): float
    {
        return $ball->ball->target?->metres() ?? 0.0;
    }
}
