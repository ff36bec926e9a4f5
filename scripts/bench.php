<?php

declare(strict_types=1);

/*
 * Prints how fast the core computes on this machine: median and worst of several runs, beside the
 * figure aimed at. Nothing fails here; figures are for reading.
 */

use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\HoleMap;
use Amble\Core\Green\SlopeReading;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Plan\Candidate;
use Amble\Core\Plan\Planner;
use Amble\Core\Plan\SessionLimits;
use Amble\Core\Plan\StudentNeed;
use Amble\Core\Reading\PuttRead;
use Amble\Core\Reading\PuttSituation;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\MakeWindow;
use Amble\Core\Roll\MappedPutts;
use Amble\Core\Roll\MappedRead;
use Amble\Core\Roll\PuttWish;
use Amble\Core\Roll\Tier;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Strokes\Player;
use Amble\Core\Strokes\StrokesAtStake;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

require __DIR__ . '/../vendor/autoload.php';

const RUNS = 15;

/**
 * Times a closure, after two runs that warm PHP's compiler up.
 *
 * @param Closure|null $plain the same worked out in the straightforward way, to be held beside
 */
function measure(string $what, float $aimMs, Closure $run, ?Closure $plain = null): void
{
    $times = timed($run);
    printf(
        "%-52s median %7.1f ms   worst %7.1f ms   aim %5.0f ms%s\n",
        $what,
        $times[intdiv(RUNS, 2)],
        $times[RUNS - 1],
        $aimMs,
        $plain === null ? '' : sprintf('   %.2f × straightforward', $times[intdiv(RUNS, 2)] / timed($plain)[intdiv(RUNS, 2)]),
    );
}

/** @return list<float> milliseconds, shortest first */
function timed(Closure $run): array
{
    $times = [];
    for ($i = -2; $i < RUNS; ++$i) {
        $start = hrtime(true);
        $run($i + 2);
        if ($i >= 0) {
            $times[] = (hrtime(true) - $start) / 1e6;
        }
    }
    sort($times);

    return $times;
}

/**
 * Huber's line by rounds of reweighting alone, as a textbook has it.
 *
 * @param list<StrokePutt> $putts
 */
function plainHuber(array $putts): float
{
    $n = count($putts);
    $weights = array_fill(0, $n, 1.0);
    [$alpha, $beta, $scale] = [0.0, 0.0, null];
    for ($round = 0; $round < 500; ++$round) {
        $w = $sx = $sy = $sxx = $sxy = 0.0;
        foreach ($putts as $i => $putt) {
            [$x, $y] = [$putt->logBackstroke, $putt->logRelativeRoll];
            $w += $weights[$i];
            $sx += $weights[$i] * $x;
            $sy += $weights[$i] * $y;
            $sxx += $weights[$i] * $x * $x;
            $sxy += $weights[$i] * $x * $y;
        }
        $slope = ($sxy - ($sx * $sy) / $w) / ($sxx - ($sx * $sx) / $w);
        $height = ($sy - $slope * $sx) / $w;
        $residuals = array_map(
            static fn(StrokePutt $putt): float => $putt->logRelativeRoll - $height - $slope * $putt->logBackstroke,
            $putts,
        );
        if ($scale === null) {
            $sizes = array_map(abs(...), $residuals);
            sort($sizes);
            $next = $sizes[intdiv($n, 2)] / 0.6745;
        } else {
            $cut = array_map(static fn(float $r): float => min($r * $r, (1.345 * $scale) ** 2), $residuals);
            $next = sqrt(array_sum($cut) / (($n - 2) * 0.7101645482690485));
        }
        $moved = max(abs($slope - $beta), abs($height - $alpha), abs($next - ($scale ?? INF)));
        [$alpha, $beta, $scale] = [$height, $slope, $next];
        if ($moved < 1e-10) {
            break;
        }
        $weights = array_map(
            static fn(float $r): float => min(1.0, (1.345 * $scale) / max(1e-12, abs($r))),
            $residuals,
        );
    }

    return $beta;
}

/**
 * Bias and spread from intervals by Newton on a likelihood whose derivatives are taken by differences.
 *
 * @param list<Bound> $bounds
 */
function plainDirection(array $bounds): float
{
    $likelihood = static function (float $mu, float $logSigma) use ($bounds): float {
        $sum = 0.0;
        foreach ($bounds as $bound) {
            $sum += Normal::logInterval(($bound->low - $mu) / exp($logSigma), ($bound->high - $mu) / exp($logSigma));
        }

        return $sum;
    };
    [$mu, $logSigma, $h, $k] = [0.0, log(0.03), 1e-5, 1e-4];
    for ($round = 0; $round < 50; ++$round) {
        $here = $likelihood($mu, $logSigma);
        [$right, $left] = [$likelihood($mu + $h, $logSigma), $likelihood($mu - $h, $logSigma)];
        [$wide, $tight] = [$likelihood($mu, $logSigma + $k), $likelihood($mu, $logSigma - $k)];
        $cross = ($likelihood($mu + $h, $logSigma + $k) - $right - $wide + $here) / ($h * $k);
        [$a, $b] = [($right - 2.0 * $here + $left) / $h ** 2, ($wide - 2.0 * $here + $tight) / $k ** 2];
        [$g, $f] = [($right - $left) / (2.0 * $h), ($wide - $tight) / (2.0 * $k)];
        $determinant = $a * $b - $cross * $cross;
        [$stepMu, $stepLog] = [-($b * $g - $cross * $f) / $determinant, -($a * $f - $cross * $g) / $determinant];
        [$mu, $logSigma] = [$mu + $stepMu, $logSigma + max(-0.5, min(0.5, $stepLog))];
        if (abs($stepMu) < 1e-7 && abs($stepLog) < 1e-6) {
            break;
        }
    }

    return $mu;
}

$random = new SeededRandom(1);
$student = new SimulatedStudent(2.2, 1.75, 0.1, mishitShare: 0.08);
$ten = GreenSpeed::ofFeet(10);
$putts = [];
for ($i = 0; $i < 5000; ++$i) {
    $back = Length::ofMetres(0.1 + 0.4 * $random->uniform());
    $roll = $student->strike($back, $ten, Grade::level(), $random)?->rollMetres ?? 1.0;
    $putts[] = StrokePutt::of($back, Length::ofMetres($roll), $ten, Grade::level());
}
// Half of them from gates of many widths, so that few bounds are alike.
$bounds = array_map(static function () use ($random): Bound {
    [$line, $half] = [0.005 + 0.03 * $random->normal(), 0.01 + 0.03 * $random->uniform()];

    return match (true) {
        $line > $half => Bound::between($half, null),
        $line < -$half => Bound::between(null, -$half),
        default => Bound::between(-$half, $half),
    };
}, range(1, 2000));
$surfaces = array_map(
    static fn(int $i): Ground => new Ground(
        GreenSpeed::ofFeet(8 + ($i % 5)),
        Grade::ofPercent(-2 + ($i % 5)),
        Grade::ofPercent(-3 + ($i % 7)),
        $i % 3 === 0 ? Tier::of(0.3, 1.5, 2.0) : null,
    ),
    range(0, RUNS + 2),
);
$eight = Length::ofMetres(8);

printf("PHP %s, opcache JIT %s\n", PHP_VERSION, (opcache_get_status(false) ?: [])['jit']['on'] ?? false ? 'on' : 'off');
measure(
    'Backstroke fit of 5,000 putts',
    100,
    static fn() => (new StrokeFitter())->fit($putts),
    static fn() => plainHuber($putts),
);
measure(
    'Direction from 2,000 different intervals',
    100,
    static fn() => (new DirectionFitter())->fit($bounds),
    static fn() => plainDirection($bounds),
);
$step = static fn(float $height): Ground => new Ground(
    GreenSpeed::ofFeet(10),
    Grade::level(),
    Grade::ofPercent(2),
    Tier::of($height, 1.5, 5.0),
);
$said = static fn(Ground $surface, float $length): PuttSituation => PuttSituation::read(
    JsonInput::parse(
        json_encode(
            [
                'length_m' => $length,
                'speed_m' => $surface->speed->metres(),
                'pace_m' => 0.3,
                'pace_point_m' => null,
                'grain' => null,
                'slope' => [
                    'by' => 'grades',
                    'along_percent' => $surface->along->percent(),
                    'across_percent' => $surface->across->percent(),
                ],
                'tier' =>
                    $surface->tier === null
                        ? null
                        : [
                            'height_m' => $surface->tier->height,
                            'run_m' => $surface->tier->run,
                            'start_m' => $surface->tier->start,
                        ],
            ],
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        ),
    ),
);
$slopes = [];
foreach ([[0.0, 0.0], [0.0, 3.0], [2.6, 1.5], [2.6, -1.5], [0.0, -3.0], [-2.6, -1.5], [-2.6, 1.5]] as $i => $place) {
    $slopes[] = new SlopeReading(...$place, right: Grade::ofPercent(0.3 * $i), up: Grade::ofPercent(2.0 - 0.2 * $i));
}
$map = HoleMap::of($slopes);
measure('A putt read on a map, with its error', 60, static fn() => MappedRead::of($map, $ten, -1.7, -1.8, 0.3));
measure(
    'A putt looked for on a map, and straight ones',
    400,
    static function () use ($map, $ten): void {
        $putts = new MappedPutts($map, $ten, 0.3);
        $putts->nearest(new PuttWish(Length::ofMetres(2.4), Grade::ofPercent(2.0), null));
        $putts->straight(2.4);
    },
);
measure(
    'All a screen asks of a read: a plane',
    40,
    static fn() => PuttRead::of(
        $said(new Ground(GreenSpeed::ofFeet(10), Grade::ofPercent(-1), Grade::ofPercent(2)), 8.0),
        null,
    ),
);
measure('The same over a step', 40, static fn() => PuttRead::of($said($step(0.3), 8.0), null));
measure('The same where no ball can stay', 40, static fn() => PuttRead::of($said($step(-0.6), 5.8), null));
measure(
    'A read of 8 m, slopes and tiers in turn',
    40,
    static fn(int $i) => (new AimSolver($surfaces[$i], $eight, 0.3))->read(),
);
measure(
    'The same with its make window',
    300,
    static fn(int $i) => MakeWindow::around($surfaces[$i], $eight, (new AimSolver($surfaces[$i], $eight, 0.3))->read()),
);
$mix = array_map(static fn(float $metres): array => [Length::ofMetres($metres), 1.0], [1.0, 2.0, 3.0, 5.0, 8.0, 12.0]);
measure(
    'Strokes at stake for one student',
    100,
    static fn() => StrokesAtStake::of(Player::of(0.01, 0.035, -0.02, 0.12, 0.3), $ten, $mix),
);

$drill = DrillRulesReader::read(
    JsonInput::parse(
        json_encode(
            [
                'key' => 'workspace',
                'name' => 'Bench',
                'target' => 'hole',
                'balls_per_station' => 10,
                'pass' => ['kind' => 'share'],
                'stations' => array_map(static fn(int $i): array => ['length_m' => $i], range(2, 11)),
                'order' => 'shuffled',
                'end' => ['kind' => 'balls', 'balls' => 500],
                'cap' => ['balls' => 500],
            ],
            JSON_THROW_ON_ERROR,
        ),
    ),
);
// Every tenth event is an undo or a correction of an earlier ball.
$events = array_map(
    static fn(int $i) => EventReader::read(
        JsonInput::fromArray([
            'id' => sprintf('E%04d', $i),
            'at_ms' => 1000 * $i,
            'roll_m' => 2 + ($i % 10),
            'event_id' => sprintf('E%04d', $i - 5),
            'putt_id' => sprintf('E%04d', $i - 3),
            'type' => match ($i % 20) {
                9 => 'undone',
                19 => 'putt_corrected',
                default => 'putt_logged',
            },
        ]),
    ),
    range(1, 500),
);
measure('A drill folded from 500 events', 30, static fn() => DrillRun::fold($drill, $events, 1));

$library = json_decode(
    (string) file_get_contents(__DIR__ . '/../core/drills/library.json'),
    true,
    64,
    JSON_THROW_ON_ERROR,
);
$shelf = array_map(
    static fn(array $drill): Candidate => Candidate::unlearned(
        DrillReader::read(JsonInput::parse(json_encode($drill, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION))),
    ),
    $library['drills'],
);
$drills = array_slice(array_merge(...array_fill(0, 6, $shelf)), 0, 300);
measure(
    'A plan for 60 minutes from 300 drills',
    100,
    static fn() => (new Planner(new SessionLimits(60, 'green'), new StudentNeed(), $drills))->plan(),
);
