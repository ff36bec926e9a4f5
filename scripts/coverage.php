<?php

declare(strict_types=1);

/*
 * Writes docs/coverage.md to standard output: how often the bands and intervals hold the truth of
 * simulated students, and how far off the estimates are. Seeded, so it prints the same every time.
 */

use Amble\Core\Change\ChangeCall;
use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Direction\DirectionState;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Stroke\FitOptions;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePrior;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

require __DIR__ . '/../vendor/autoload.php';

const STUDENTS = 500;
const NEW_BALLS = 8;
const CHANGE_BALLS = 20;
const CHANGE_SPREAD = 0.1;

/** One row of the backstroke table. */
function strokeRow(float $beta, float $scatter, float $mishits, int $n, int $seed): string
{
    $random = new SeededRandom($seed);
    $student = new SimulatedStudent(-$beta * log(0.28), $beta, $scatter, mishitShare: $mishits);
    $clean = new SimulatedStudent(-$beta * log(0.28), $beta, $scatter);
    [$speed, $level] = [GreenSpeed::ofFeet(10), Grade::level()];
    $strike = static function (SimulatedStudent $by) use ($random, $speed, $level): array {
        $back = Length::ofMetres(0.12 + 0.28 * $random->uniform());

        return [$back, (float) $by->strike($back, $speed, $level, $random)?->rollMetres];
    };
    [$all, $inside, $bias] = [0, 0, 0.0];
    for ($i = 0; $i < STUDENTS; ++$i) {
        $putts = [];
        for ($k = 0; $k < $n; ++$k) {
            [$back, $roll] = $strike($student);
            $putts[] = StrokePutt::of($back, Length::ofMetres($roll), $speed, $level);
        }
        $fit = (new StrokeFitter())->fit($putts);
        $bias += (float) $fit->beta() - $beta;
        for ($k = 0; $k < NEW_BALLS; ++$k) {
            [$back, $roll] = $strike($clean);
            $band = $fit->predict($back, $speed, $level);
            ++$all;
            $inside += $band !== null && $roll >= $band->lowMetres && $roll <= $band->highMetres ? 1 : 0;
        }
    }

    return sprintf(
        "| %.2f | %.0f %% | %.0f %% | %d | %.1f %% | %+.3f |\n",
        $beta,
        100 * $scatter,
        100 * $mishits,
        $n,
        (100 * $inside) / $all,
        $bias / STUDENTS,
    );
}

/**
 * One row of the prior's table: a new student's first balls read under the shipped prior and under their workspace's.
 *
 * @param float $scatter of the strokes in this workspace, typically
 */
function priorRow(float $scatter, int $n, int $seed): string
{
    $random = new SeededRandom($seed);
    [$speed, $level] = [GreenSpeed::ofFeet(10), Grade::level()];
    $student = static fn(): SimulatedStudent => new SimulatedStudent(
        -1.75 * log(0.28),
        1.75 + 0.15 * $random->normal(),
        $scatter * exp(0.25 * $random->normal()),
    );
    $putt = static function (SimulatedStudent $by) use ($random, $speed, $level): StrokePutt {
        $back = Length::ofMetres(0.12 + 0.28 * $random->uniform());

        return StrokePutt::of(
            $back,
            Length::ofMetres((float) $by->strike($back, $speed, $level, $random)?->rollMetres),
            $speed,
            $level,
        );
    };
    $inside = $width = ['shipped' => 0.0, 'bench' => 0.0];
    $all = 0;
    for ($workspace = 0; $workspace < STUDENTS / 5; ++$workspace) {
        $others = [];
        for ($i = 0; $i < 8; ++$i) {
            $other = $student();
            $others[] = (new StrokeFitter())
                ->fit(array_map(static fn(): StrokePutt => $putt($other), range(1, 40)))
                ->summary();
        }
        $priors = [
            'shipped' => StrokePrior::shipped(),
            'bench' => StrokePrior::ofWorkspace(array_values(array_filter($others))),
        ];
        for ($new = 0; $new < 5; ++$new) {
            $own = $student();
            $putts = array_map(static fn(): StrokePutt => $putt($own), range(1, $n));
            $fits = array_map(
                static fn(StrokePrior $prior) => (new StrokeFitter(new FitOptions($prior)))->fit($putts),
                $priors,
            );
            for ($k = 0; $k < NEW_BALLS; ++$k) {
                $back = Length::ofMetres(0.12 + 0.28 * $random->uniform());
                $roll = (float) $own->strike($back, $speed, $level, $random)?->rollMetres;
                ++$all;
                foreach ($fits as $name => $fit) {
                    $band = $fit->predict($back, $speed, $level);
                    $inside[$name] += $band !== null && $roll >= $band->lowMetres && $roll <= $band->highMetres ? 1 : 0;
                    $width[$name] += $band === null ? 0.0 : log($band->highMetres / $band->lowMetres);
                }
            }
        }
    }

    return sprintf(
        "| %.0f %% | %d | %.1f %% | %.1f %% | %.0f %% |\n",
        100 * $scatter,
        $n,
        (100 * $inside['shipped']) / $all,
        (100 * $inside['workspace']) / $all,
        100 * (1 - $width['workspace'] / $width['shipped']),
    );
}

/** One row of the direction table. */
function directionRow(float $ratio, int $n, int $seed): string
{
    $random = new SeededRandom($seed);
    [$bias, $spread] = [deg2rad(0.4), deg2rad(1.5)];
    $half = $ratio * $spread;
    [$estimated, $inBias, $inSpread, $log, $square] = [0, 0, 0, 0.0, 0.0];
    for ($i = 0; $i < STUDENTS; ++$i) {
        $bounds = [];
        for ($k = 0; $k < $n; ++$k) {
            $line = $bias + $spread * $random->normal();
            $bounds[] = match (true) {
                $line < -$half => Bound::between(null, -$half),
                $line > $half => Bound::between($half, null),
                default => Bound::between(-$half, $half),
            };
        }
        $fit = (new DirectionFitter())->fit($bounds);
        if ($fit->state !== DirectionState::Estimated) {
            continue;
        }
        ++$estimated;
        $off = log((float) $fit->spread / $spread);
        $log += $off;
        $square += $off * $off;
        $inBias += $fit->biasInterval(0.8)?->contains($bias) ? 1 : 0;
        $inSpread += $fit->spreadInterval(0.8)?->contains($spread) ? 1 : 0;
    }

    return sprintf(
        "| %.2f | %d | %.0f %% | %+.0f %% | %.0f %% | %.1f %% | %.1f %% |\n",
        $ratio,
        $n,
        (100 * $estimated) / STUDENTS,
        (100 * $log) / $estimated,
        100 * sqrt($square / $estimated),
        (100 * $inBias) / $estimated,
        (100 * $inSpread) / $estimated,
    );
}

/**
 * One row of the table of changes: what is said of students whose sessions differ by chance and by day alone.
 *
 * @param float $dayToDay true spread of days, share of the length
 */
function changeRow(float $dayToDay, int $earlier, int $later, int $seed): string
{
    $random = new SeededRandom($seed);
    $error = CHANGE_SPREAD / sqrt(CHANGE_BALLS);
    $session = static fn(): SessionFigure => SessionFigure::of(
        $dayToDay * $random->normal() + $error * $random->normal(),
        $error,
    );
    $calls = [];
    for ($i = 0; $i < STUDENTS; ++$i) {
        $sessions = array_map(static fn(): SessionFigure => $session(), range(1, $earlier + $later));
        $calls[] = PeriodChange::of(
            array_slice($sessions, 0, $earlier),
            array_slice($sessions, $earlier),
            PeriodChange::PACE,
        )->call();
    }
    $share = static fn(ChangeCall ...$of): float => (100 *
        count(array_filter($calls, static fn(ChangeCall $call): bool => in_array($call, $of, true)))) /
        STUDENTS;

    return sprintf(
        "| %.0f %% | %d and %d | %.1f %% | %.1f %% |\n",
        100 * $dayToDay,
        $earlier,
        $later,
        $share(ChangeCall::Clear),
        $share(ChangeCall::Clear, ChangeCall::Likely),
    );
}

printf("# How often the bands hold the truth\n\n");
printf(
    "Made by `./amble coverage`, from simulated students whose true stroke is known; %d students a row.\n\n",
    STUDENTS,
);
printf("## Backstroke fit: new rolls inside the 80 %% band\n\n");
printf(
    "%d new, well-struck balls a student, on backstrokes from 12 to 40 cm. \"Mishits\" are among the balls fitted, unmarked.\n\n",
    NEW_BALLS,
);
printf(
    "| true exponent | scatter | mishits | balls fitted | inside the band | exponent off by |\n|---|---|---|---|---|---|\n",
);
$seed = 100;
foreach ([1.4, 1.75, 2.05] as $beta) {
    foreach ([[0.08, 0.0], [0.1, 0.0], [0.15, 0.0], [0.1, 0.08]] as [$scatter, $mishits]) {
        foreach ([8, 20, 60] as $n) {
            echo strokeRow($beta, $scatter, $mishits, $n, ++$seed);
        }
    }
}
printf(
    "\nFew balls lean on the prior, so a true exponent far from 1.8 is pulled toward it at first; the band allows for it.\n",
);
printf("\n## A new student: the shipped prior and the workspace's own\n\n");
printf(
    "Eight other students of the same workspace, 40 balls each, exponents around 1.75 (spread 0.15). The band meant is 80 %%.\n\n",
);
printf(
    "| scatter here | balls fitted | inside, shipped | inside, the workspace's | narrower by |\n|---|---|---|---|---|\n",
);
foreach ([0.06, 0.1] as $scatter) {
    foreach ([2, 3, 5, 8, 12, 20] as $n) {
        echo priorRow($scatter, $n, ++$seed);
    }
}
printf("\n## Direction: what a gate tells\n\n");
printf(
    "True bias 0.4°, true spread 1.5°. The half-angle is given in true spreads; about 0.85 measures best. Where every ball passes,\nor all misses are on one side, nothing is estimated; the other columns are of the rest.\n\n",
);
printf(
    "| half-angle / spread | balls | estimated | spread off by | typically by | bias in its 80 %% | spread in its 80 %% |\n|---|---|---|---|---|---|---|\n",
);
foreach ([0.5, 0.7, 0.85, 1.0, 1.5, 2.5] as $ratio) {
    foreach ([40, 80] as $n) {
        echo directionRow($ratio, $n, ++$seed);
    }
}
printf("\n## Changes over sessions: what is said of an unchanged student\n\n");
printf("Average pace, %d balls a session that spread by %.0f %%.\n\n", CHANGE_BALLS, 100 * CHANGE_SPREAD);
printf(
    "| days differ by | sessions before and after | \"clearly\" | \"clearly\" or \"probably\" |\n|---|---|---|---|\n",
);
foreach ([0.0, 0.03, 0.05, 0.08] as $dayToDay) {
    foreach ([[2, 2], [4, 2], [7, 3]] as [$earlier, $later]) {
        echo changeRow($dayToDay, $earlier, $later, ++$seed);
    }
}
