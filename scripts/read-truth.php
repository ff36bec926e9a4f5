<?php

declare(strict_types=1);

/*
 * Writes docs/reads.md to standard output: whether a habit of reading too little break is found in simulated students
 * whose habit is known. Seeded, so it prints the same every time.
 */

use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Report\Finding;
use Amble\Tools\ReadTrial;

require __DIR__ . '/../vendor/autoload.php';

$students = (int) ($argv[1] ?? 300);

echo <<<MD
# Whether a habit of reading too little break is found

Made by `./amble reads`, from $students simulated students a row. Each reads a share of the break, give or take 15 %
of it from putt to putt, and calls or strikes the length with a scatter of 7 %. "Guesses" are those of *Guess first*, at level 4;
"balls" are those of a practice as in margin.md, of which only putts that break, with a call and a sound pace, tell.
"Found" is the mean of what is told, "covers" how often the 80 % interval holds the truth, "called" how often it
excludes none; of students without the habit that is a false alarm.

| reads | from | told of | found | spread of what is found | covers | called too little | called too much |
|---|---|---|---|---|---|---|---|

MD;
foreach ([1.0, 0.85, 0.7] as $share) {
    foreach (
        ['20 guesses' => [ReadTrial::byGuesses(...), 20], '40 balls' => [ReadTrial::byBalls(...), 40]]
        as $from => [$told, $n]
    ) {
        /** @var list<Finding> $found */
        $found = [];
        for ($i = 0; $i < $students; ++$i) {
            $one = $told($share, $n, new SeededRandom(10_000 * $n + $i));
            if ($one !== null) {
                $found[] = $one;
            }
        }
        $values = array_map(static fn(Finding $one): float => (float) $one->value, $found);
        $mean = array_sum($values) / max(1, count($values));
        $spread = sqrt(
            array_sum(array_map(static fn(float $value): float => ($value - $mean) ** 2, $values)) /
                max(1, count($values) - 1),
        );
        $share_of = static fn(\Closure $is): string => sprintf(
            '%.0f %%',
            (100.0 * count(array_filter($found, $is))) / max(1, count($found)),
        );
        printf(
            "| %.0f %% of the break | %s | %.0f %% of students, %.0f calls | %+.1f %% | %.1f %% | %s | %s | %s |\n",
            100.0 * $share,
            $from,
            (100.0 * count($found)) / $students,
            array_sum(array_column($found, 'n')) / max(1, count($found)),
            100.0 * $mean,
            100.0 * $spread,
            $share_of(static fn(Finding $one): bool => $one->interval?->contains($share - 1.0) === true),
            $share_of(static fn(Finding $one): bool => ($one->interval->high ?? 0.0) < 0.0),
            $share_of(static fn(Finding $one): bool => ($one->interval->low ?? 0.0) > 0.0),
        );
    }
}
