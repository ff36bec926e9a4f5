<?php

declare(strict_types=1);

/*
 * Writes docs/drills.md to standard output: the shipped drills, what each took three simulated
 * students, and how to add a kind of rule. Seeded, so it prints the same every time.
 */

use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\Expectation;
use Amble\Core\Drill\Phase;
use Amble\Core\Drill\Station;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\DrillPlayer;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Tools\ForecastCheck;

require __DIR__ . '/../vendor/autoload.php';

const GAMES = 40;
const GAMES_TO_FORECAST = 200;
const STUDENTS = ['good' => [0.06, 1.35], 'average' => [0.1, 2.0], 'poor' => [0.14, 3.0]];

function student(string $name): SimulatedStudent
{
    [$scatter, $degrees] = STUDENTS[$name];

    return new SimulatedStudent(2.2, 1.75, $scatter, $scatter / 4, lineSpread: deg2rad($degrees));
}

/** Balls, minutes and how often it was capped, for one kind of student. */
function play(DrillRules $drill, string $name): string
{
    [$balls, $minutes, $capped] = [0, 0.0, 0];
    for ($seed = 1; $seed <= GAMES; ++$seed) {
        [$state, $events] = (new DrillPlayer(student($name), GreenSpeed::ofFeet(9.5), new SeededRandom($seed)))->play(
            $drill,
            $seed,
        );
        $balls += $state->balls;
        $minutes += $events[count($events) - 1]->atMilliseconds / 60_000;
        $capped += $state->phase === Phase::Capped ? 1 : 0;
    }

    return sprintf(
        '%.0f balls, %.0f min%s',
        $balls / GAMES,
        $minutes / GAMES,
        $capped === 0 ? '' : sprintf(', capped %.0f %%', (100 * $capped) / GAMES),
    );
}

/**
 * The forecast beside what was played: balls until done or capped, and how far apart; null where none hangs on chances.
 */
function forecast(DrillRules $drill, string $name): ?string
{
    [$foretold, $played] = [0.0, 0.0];
    // Lengths that are drawn differ from game to game, and so does what is foretold; others are foretold once.
    $isDrawn = array_filter($drill->stations, static fn(Station $station): bool => $station->isScattered()) !== [];
    for ($seed = 1; $seed <= GAMES_TO_FORECAST; ++$seed) {
        if ($isDrawn || $seed === 1) {
            $round = DrillRun::firstRound($drill, $seed);
            $forecast = Expectation::of($drill, $round, ForecastCheck::skill(student($name), $round), 0)->forecast;
            if ($forecast === null) {
                return null;
            }
        }
        $foretold += $forecast->capped / GAMES_TO_FORECAST;
        $played +=
            (new DrillPlayer(student($name), GreenSpeed::ofFeet(9.5), new SeededRandom($seed)))->play($drill, $seed)[0]
                ->balls / GAMES_TO_FORECAST;
    }

    return sprintf('%.1f / %.1f (%+.0f %%)', $foretold, $played, 100.0 * ($foretold / $played - 1.0));
}

$library = JsonInput::parse((string) file_get_contents(__DIR__ . '/../core/drills/library.json'));
echo <<<'TEXT'
# Drills

A drill is data: `core/drills/library.json` holds the shipped ones, `core/drills/drill.schema.json` is
their JSON Schema, and a library file of anyone's own goes in and out in the same form. The rules are read
by `Amble\Core\Drill\DrillReader`, which refuses a drill that cannot be run, and folded over a session's
log by `DrillRun`.

    php artisan amble:replay < run.json

takes `{"drill":{…},"events":[…],"seed":…}` and answers with the state. With `"students":["Ada","Bo"]` each
ball says whose it is (`"student"`), and the answer has a state for each and whose turn it is. With
`"rates":[0.7,0.5]`, a chance to pass for each station, it tells the balls to expect. Errors are as in
[contracts.md](contracts.md).

## A new kind of rule

1. Add an entry to the table `PassRules`, `Orders` or `Ends`. A pass rule that one observation settles needs
   no class of its own; one with figures is a class that extends `PassRule` (a rule of a stretch of lengths
   takes `JudgedByLength` and says its window).
2. Run `php scripts/drill-schema.php`, and add a row to the tests' tables; `LibraryTest` asks for a shipped
   drill of every kind.

The kind describes itself (`KindDescription`): the editor's choice and figures, the rule's one line, rounding, and the
schema's part come from that. `KindsTest` adds one of each without touching anything else.

## What each takes

TEXT;
printf(
    "\nPlayed %d times each by simulated students on a level green of 9.5 ft; slopes and tiers are not played.\n",
    GAMES,
);
echo "Good: 6 % of length and 1.35°; average: 10 % and 2°; poor: 14 % and 3°. The middle column feeds the stated\nduration. Made by `./amble drills`.\n\n";
echo "| drill | trains | good | average | poor | stated |\n|---|---|---|---|---|---|\n";
$drills = [];
foreach ($library->objects('drills') as $json) {
    $drill = DrillRulesReader::read($json);
    $drills[$json->text('name', 80)] = $json;
    printf(
        "| %s | %s | %s | %s | %s | %d min |\n",
        $json->text('name', 80),
        implode(', ', $json->textsOrNone('trains', 40)),
        play($drill, 'good'),
        play($drill, 'average'),
        play($drill, 'poor'),
        $json->wholeNumber('minutes', 1, 180),
    );
}
echo "\n## What was foretold\n\n";
printf(
    "Balls until it is done or its cap in balls is reached: forecast / mean of %d games. The forecast knows the\n",
    GAMES_TO_FORECAST,
);
echo "student from evidence: 400 putts at a covered hole at the drill's own lengths, 400 starts through a gate.\n\n";
echo "| drill | good | average | poor |\n|---|---|---|---|\n";
foreach ($drills as $name => $json) {
    $drill = DrillRulesReader::read($json);
    $cells = array_map(static fn(string $who): ?string => forecast($drill, $who), array_keys(STUDENTS));
    if (!in_array(null, $cells, true)) {
        echo "| $name | ", implode(' | ', $cells), " |\n";
    }
}
