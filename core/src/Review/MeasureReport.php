<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\Finding;

/** What some balls answer to every question that was asked of them. This class is immutable. */
final readonly class MeasureReport
{
    /** Balls drawn, the latest: more would be a smear. */
    public const MOST_DRAWN = 400;

    /**
     * @param int $n balls looked at
     * @param list<array{float, positive-int}> $lengths the lengths there are in metres, and how many balls of each
     * @param array<string, positive-int> $slopes balls by slope class
     * @param array<array-key, positive-int> $drills balls by drill
     * @param array<array-key, positive-int> $putters balls by putter
     * @param array<int, positive-int> $tempos balls by beats a minute
     * @param array<string, positive-int> $parts balls by part of their session
     * @param array<string, array<string, Finding>> $answers by question, then by measure; only those that somebody
     *     looked for
     * @param list<RolledBall> $balls those drawn, oldest first
     */
    private function __construct(
        public int $n,
        public array $lengths,
        public array $slopes,
        public array $drills,
        public array $putters,
        public array $tempos,
        public array $parts,
        public array $answers,
        public array $balls,
    ) {}

    /**
     * @param BallSelection $asked everything there is: what can be picked is told from it, and answers from what is
     *     picked
     */
    public static function of(BallSelection $asked, BallFilter $filter): self
    {
        $picked = $filter->of($asked);
        $answers = [];
        foreach (ReviewQuestion::inOrder($asked->checked->school('begin')) as $question) {
            $findings = $question->findings($picked);
            if ($findings !== []) {
                $answers[$question->value] = $findings;
            }
        }

        $counts = BallCounts::of($asked);

        return new self(
            n: $picked->count(),
            lengths: array_map(
                static fn(array $class): array => [$class[0], $class[2]],
                BallCounts::lengthClasses($counts->lengths),
            ),
            slopes: self::commonestFirst($counts->slopes),
            drills: self::commonestFirst($counts->drills),
            putters: self::commonestFirst($counts->putters),
            tempos: self::commonestFirst($counts->tempos),
            parts: self::commonestFirst($counts->parts),
            answers: $answers,
            balls: $picked->latest(self::MOST_DRAWN),
        );
    }

    /**
     * @template Key of array-key
     *
     * @param array<Key, positive-int> $counts
     *
     * @return array<Key, positive-int>
     */
    private static function commonestFirst(array $counts): array
    {
        arsort($counts);

        return $counts;
    }
}
