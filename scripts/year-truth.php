<?php

declare(strict_types=1);

/*
 * Writes docs/year.md to standard output: a year of weekly sessions of the demo's simulated students, planned by the
 * rules against drawn at random. Seeded, so it prints the same every time.
 */

use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Plan\Candidate;
use Amble\Tools\PlannedYear;
use App\Demo\DemoClinic;
use App\Models\DrillDefinition;

require __DIR__ . '/../vendor/autoload.php';

$draws = (int) ($argv[1] ?? 10);
$library = json_decode(
    (string) file_get_contents(__DIR__ . '/../core/drills/library.json'),
    false,
    64,
    JSON_THROW_ON_ERROR,
);
$drills = array_map(
    static fn(\stdClass $drill): Candidate => Candidate::unlearned(DrillDefinition::card($drill)),
    $library->drills,
);
$halves = (int) PlannedYear::HALVES;
$floor = (int) (100 * PlannedYear::FLOOR);
$forgets = (int) round(100 * PlannedYear::FORGETS);

echo <<<MD
# A year planned by the rules, and one drawn at random

Made by `./amble year`, from the six simulated students of the demo: 52 weekly sessions of 45 minutes on a green that is measured.
By the rules each session is planned as in [plan.md](plan.md), with the strokes at stake as they truly are; at random the same
minutes of drills are drawn from all that fit, $draws times.

**Assumed, not known:** $halves minutes at a skill halve the way to its floor, which is $floor % of its spread at the start; each week
loses $forgets % of what was won; a drill trains its first skill alone; first putts are alike often from 1.5, 3, 4.5, 6, 9 and 12 m.
The figures say what the plans make of these assumptions. They say nothing about people.

| student | putts per 18 at the start | after a year by the rules | at random, mean | from | to |
|---|---|---|---|---|---|

MD;
foreach (DemoClinic::students() as $student) {
    $walk = static function (bool $byRules, int $seed) use ($student, $drills): float {
        $year = new PlannedYear($student->strokeAt(0), $drills, new SeededRandom($seed));
        $year->walk($byRules);

        return $year->expected();
    };
    $drawn = array_map(static fn(int $seed): float => $walk(false, $seed), range(1, $draws));
    printf(
        "| %s | %.2f | %.2f | %.2f | %.2f | %.2f |\n",
        explode(' ', (string) $student->card['name'])[0],
        (new PlannedYear($student->strokeAt(0), $drills, new SeededRandom(0)))->expected(),
        $walk(true, 0),
        array_sum($drawn) / $draws,
        min($drawn),
        max($drawn),
    );
}
