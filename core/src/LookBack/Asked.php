<?php

declare(strict_types=1);

namespace Amble\Core\LookBack;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Student\Hand;

/**
 * Balls of one student that something is asked of: those of a session, of weeks, of one length. This class is immutable.
 */
final readonly class Asked
{
    /** Lengths closer than this to the shortest of a class belong to it, share. */
    public const ONE_CLASS = 0.1;

    /**
     * @param list<RolledBall> $balls oldest first
     * @param Surface|null $surface whose figures are told; mat and grass are never pooled
     * @param float $pace how far past the hole the student plays for, metres
     */
    public function __construct(
        public array $balls,
        public ?Surface $surface,
        public float $pace,
        public Hand $hand = Hand::Right,
    ) {
    }

    /** @param list<RolledBall> $balls */
    public function with(array $balls): self
    {
        return new self($balls, $this->surface, $this->pace, $this->hand);
    }

    /** @param \Closure(RolledBall): bool $keeps */
    public function where(\Closure $keeps): self
    {
        return $this->with(array_values(array_filter($this->balls, $keeps)));
    }

    /** The first ball at each putt. */
    public function firstTries(): self
    {
        return $this->where(static fn(RolledBall $ball): bool => $ball->attempt === 1);
    }

    /** Those whose target lies within a tenth of a length, metres. */
    public function near(float $length): self
    {
        return $this->where(static fn(RolledBall $ball): bool => $ball->ball->target !== null
            && abs($ball->ball->target->metres() - $length) <= self::ONE_CLASS * $length + 1e-9);
    }

    /**
     * By length of the target: those within a tenth of the shortest of a class are one.
     *
     * @return list<array{float, self}> the mean length of each class in metres, shortest first
     */
    public function byLength(): array
    {
        $balls = array_values(array_filter($this->balls, static fn(RolledBall $ball): bool => $ball->ball->target !== null));
        usort($balls, static fn(RolledBall $a, RolledBall $b): int => self::length($a) <=> self::length($b));
        $classes = [];
        foreach ($balls as $ball) {
            $last = array_key_last($classes);
            if ($last === null || self::length($ball) > self::length($classes[$last][0]) * (1.0 + self::ONE_CLASS)) {
                $classes[] = [$ball];
            } else {
                $classes[$last][] = $ball;
            }
        }

        return array_map(fn(array $class): array => [
            array_sum(array_map(self::length(...), $class)) / count($class),
            $this->with(self::inOrder($class)),
        ], $classes);
    }

    /** @return array<string, self> by session, oldest first */
    public function bySession(): array
    {
        $sessions = [];
        foreach ($this->balls as $ball) {
            $sessions[$ball->sessionId][] = $ball;
        }

        return array_map($this->with(...), $sessions);
    }

    /** Metres to the target; 0 without one. */
    public static function length(RolledBall $ball): float
    {
        return $ball->ball->target?->metres() ?? 0.0;
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return list<RolledBall>
     */
    private static function inOrder(array $balls): array
    {
        usort($balls, static fn(RolledBall $a, RolledBall $b): int => [$a->atMilliseconds, $a->id] <=> [$b->atMilliseconds, $b->id]);

        return $balls;
    }
}
