<?php

declare(strict_types=1);

/*
 * Writes docs/margin.md to standard output: how often the first insight names the fault of a simulated student, how
 * often insights speak of students without one, and how often each insight is false. Seeded, so it prints the same
 * every time.
 */

use Amble\Core\Insight\Insight;
use Amble\Core\Numeric\SeededRandom;
use Amble\Tools\MarginTrial;

require __DIR__ . '/../vendor/autoload.php';

const BALLS = [20, 40, 80];
/** Numbers of balls tried for a row that 80 are too few for. */
const MORE = [160, 320];
/** Asked of a fault at 40 and 80 balls; of one that sets in half-way; and of false and wrong first notes. */
const WANTED = 0.9;
const WANTED_HALFWAY = 0.7;

$students = (int) ($argv[1] ?? 200);
$only = $argv[2] ?? null;
$percent = static fn(int $count, int $of): string => sprintf('%.1f %%', (100.0 * $count) / max(1, $of));

/** @return list<Insight> */
$notes = static function (MarginTrial $trial, string $name, int $n, int $student): array {
    // A seed of its own for each row: a draw that happens to be odd must not be odd in every row.
    return $trial->notes($n, new SeededRandom((crc32($name) + 7919 * $n + $student) % 2_000_000_011));
};

echo <<<MD
# How often the insights are right

Made by `./amble margin`, from simulated students whose faults are known; $students students a row. Each rolls 20 putts a
session, at 1.8 to 6 m, on level ground and across slopes, every other one at a hole past a checked gate at half a metre, as
wide as tells that student's start line best, with a call before each and an aim check before every third. The rows say how
their days differ: green speeds, slopes, what everything rolls further or shorter on a day, and what is logged. Their balls
go through the same selections, measures and rules as real ones. All insights are counted, those about today too; what the
measurement of the green or too few balls say is not.


MD;
$false = [];
$rolled = 0;
$tally = static function (string $name, MarginTrial $trial, int $n) use ($students, $notes, &$false, &$rolled): array {
    [$right, $silent, $others] = [0, 0, []];
    for ($i = 0; $i < $students; ++$i) {
        $all = $notes($trial, $name, $n, $i);
        $first = $all[0] ?? null;
        if ($first === null) {
            ++$silent;
        } elseif (in_array($first->key, $trial->right, true)) {
            ++$right;
        } else {
            $others[$first->key] = ($others[$first->key] ?? 0) + 1;
        }
        if ($trial->right === []) {
            ++$rolled;
            foreach ($all as $note) {
                $false[$note->key] = ($false[$note->key] ?? 0) + 1;
            }
        }
    }
    arsort($others);

    return [$right, $silent, $others];
};
$named = static fn(array $others): string => $others === []
    ? ''
    : ' (' .
        implode(
            ', ',
            array_map(static fn(string $key, int $count): string => "$key $count", array_keys($others), $others),
        ) .
        ')';
$misses = [];
foreach (BALLS as $n) {
    echo "## After $n balls\n\n| no fault | silent | false alarm |\n|---|---|---|\n";
    foreach (MarginTrial::faultless() as $name => $trial) {
        if ($only !== null && !str_contains($name, $only)) {
            continue;
        }
        [, $silent, $others] = $tally($name, $trial, $n);
        printf(
            "| %s | %s | %s%s |\n",
            $name,
            $percent($silent, $students),
            $percent((int) array_sum($others), $students),
            $named($others),
        );
    }
    echo "\n| fault | right insight first | silent | wrong insight first |\n|---|---|---|---|\n";
    foreach (MarginTrial::faults() as $name => $trial) {
        if ($only !== null && !str_contains($name, $only)) {
            continue;
        }
        [$right, $silent, $others] = $tally($name, $trial, $n);
        printf(
            "| %s | %s | %s | %s%s |\n",
            $name,
            $percent($right, $students),
            $percent($silent, $students),
            $percent((int) array_sum($others), $students),
            $named($others),
        );
        if ($n >= 40 && $right < (str_contains($name, 'half-way') ? WANTED_HALFWAY : WANTED) * $students) {
            $misses[$name] = $trial;
        }
    }
    echo "\n";
}
arsort($false);
echo "## How often each insight is false\n\nOf $rolled practices without a fault, of 20, 40 and 80 balls, wherever the insight stands.\n\n| insight | false |\n|---|---|\n";
foreach ($false as $key => $count) {
    printf("| %s | %s |\n", $key, sprintf('%.2f %%', (100.0 * $count) / $rolled));
}
echo "\n## What more balls tell\n\n";
foreach ($misses as $name => $trial) {
    $wanted = str_contains($name, 'half-way') ? WANTED_HALFWAY : WANTED;
    $told = null;
    foreach ([60, 80, ...MORE] as $n) {
        if ($tally($name, $trial, $n)[0] >= $wanted * $students) {
            $told = $n;
            break;
        }
    }
    printf(
        "- %s: %s.\n",
        $name,
        $told === null
            ? sprintf('not from %d balls', MORE[count(MORE) - 1])
            : 'named first for ' . sprintf('%.0f %%', 100.0 * $wanted) . " from $told balls on",
    );
}
echo <<<'MD'

Wanted: the right insight first for nine in ten at 40 and 80 balls (seven in ten where it sets in half-way), a false alarm in
at most 5 % where days differ by up to 5 %, and in 10 % at 8 %, a wrong first insight in at most 2 %.

MD;
