<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\RolledBall;

/** How many balls there are of each kind: what can be chosen, and where to look for what was observed. Immutable. */
final readonly class BallCounts implements Prepares
{
    /**
     * @param array<string, positive-int> $lengths balls by length of the target, metres as lengthKey() writes them
     * @param array<string, positive-int> $slopes by slope class
     * @param array<array-key, positive-int> $drills by key
     * @param array<array-key, positive-int> $putters in the order in which they were used
     * @param array<int, positive-int> $tempos by beats a minute, likewise
     * @param array<string, positive-int> $parts by part of the session
     * @param array<string, positive-int> $disturbances by name
     * @param array<string, positive-int> $observed balls by each thing that was observed of them
     * @param int $atHoles balls rolled at a hole
     */
    private function __construct(
        public array $lengths,
        public array $slopes,
        public array $drills,
        public array $putters,
        public array $tempos,
        public array $parts,
        public array $disturbances,
        public array $observed,
        public int $atHoles,
    ) {}

    public static function of(BallSelection $asked): self
    {
        return $asked->once('counts', static function (BallSelection $some): self {
            /** @var array<string, array<string, positive-int>> $fields */
            $fields = $some->prepared(self::class);
            $counts = [];
            $tempos = [];
            foreach ($fields['tempos'] ?? [] as $name => $n) {
                $tempos[(int) substr($name, 1)] = $n;
            }
            foreach ($fields as $field => $names) {
                foreach ($names as $name => $n) {
                    $counts[$field][substr($name, 1)] = $n;
                }
            }

            return new self(
                $counts['lengths'] ?? [],
                $counts['slopes'] ?? [],
                $counts['drills'] ?? [],
                $counts['putters'] ?? [],
                $tempos,
                $counts['parts'] ?? [],
                $counts['disturbances'] ?? [],
                $counts['observed'] ?? [],
                $counts['holes']['at_hole'] ?? 0,
            );
        });
    }

    public static function prepare(BallSelection $balls): array
    {
        $counts = [];
        // A putter may be called "0": a mark before each name keeps names of fields words.
        $count = static function (string $field, string|int|null $name) use (&$counts): void {
            if ($name !== null) {
                $counts[$field]["=$name"] = ($counts[$field]["=$name"] ?? 0) + 1;
            }
        };
        foreach ($balls->balls() as $ball) {
            $count('lengths', self::lengthKeyOf($ball));
            $count('holes', $ball->isAtHole ? 'at_hole' : null);
            $count('slopes', SlopeClass::of($ball)->value);
            $count('drills', $ball->drill);
            $count('putters', $ball->putter);
            $count('tempos', $ball->tempo);
            $count('parts', $ball->during->part?->value);
            foreach ($ball->during->disturbances as $disturbance) {
                $count('disturbances', $disturbance->value);
            }
            foreach (array_keys($ball->ball->sight->answers) as $name) {
                $count('observed', $name);
            }
        }

        return $counts;
    }

    /** A length as the name of a field, to a tenth of a millimetre. */
    public static function lengthKey(float $metres): string
    {
        return sprintf('%.4f', $metres);
    }

    /** A ball's length of the target as the name of a field; null without a target. */
    public static function lengthKeyOf(RolledBall $ball): ?string
    {
        return $ball->ball->target === null ? null : self::lengthKey($ball->ball->target->metres());
    }

    /**
     * Things at lengths, by class of length: those within a tenth of the shortest of a class are one.
     *
     * @template Thing
     *
     * @param list<Thing> $things
     * @param \Closure(Thing): (string|null) $length its length as named here; null without one
     *
     * @return list<array{float, list<Thing>}> the length of each class that most balls were rolled from, metres, and
     *     what was there, shortest first
     */
    public function byLength(array $things, \Closure $length): array
    {
        $classes = self::lengthClasses($this->lengths);
        $places = $there = [];
        foreach ($classes as $i => [, $names]) {
            $places += array_fill_keys($names, $i);
        }
        // In their order: what was rolled first stays first.
        foreach ($things as $thing) {
            $name = $length($thing);
            if ($name !== null) {
                $there[$places[$name]][] = $thing;
            }
        }

        return array_map(
            static fn(int $i, array $class): array => [$class[0], $there[$i] ?? []],
            array_keys($classes),
            $classes,
        );
    }

    /**
     * @param array<string, int> $lengths balls by length as named here
     *
     * @return list<array{float, list<string>, positive-int}> each class with its length in metres, the names of its
     *     lengths, and its balls, shortest first
     */
    public static function lengthClasses(array $lengths): array
    {
        uksort($lengths, static fn(string $a, string $b): int => (float) $a <=> (float) $b);
        $classes = [];
        $shortest = $class = -1;
        foreach ($lengths as $name => $n) {
            if ($class < 0 || (float) $name > $shortest * (1.0 + BallSelection::ONE_CLASS)) {
                $shortest = (float) $name;
                ++$class;
            }
            $classes[$class][$name] = $n;
        }

        return array_map(
            static fn(array $class): array => [self::commonest($class), array_keys($class), max(1, array_sum($class))],
            array_values($classes),
        );
    }

    /**
     * A length that was set out, and not one between two that nobody set out; of equally common ones the shortest.
     *
     * @param non-empty-array<string, int> $lengths shortest first
     */
    private static function commonest(array $lengths): float
    {
        $counts = [];
        foreach ($lengths as $name => $n) {
            $millimetre = sprintf('%.3f', (float) $name);
            $counts[$millimetre] = ($counts[$millimetre] ?? 0) + $n;
        }

        return (float) array_search(max(0, ...array_values($counts)), $counts, true);
    }
}
