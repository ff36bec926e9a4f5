<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Direction\GateChoice;
use Amble\Core\Direction\Side;
use Amble\Core\Direction\StartLineTest;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\ExpectedBalls;
use Amble\Core\Drill\PassRate;
use Amble\Core\Drill\StationTally;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Bound;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\Stop;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use Illuminate\Support\Collection;

/** Runs drills in a session: their state is folded from the session's own log. */
final class DrillRuns
{
    /** Putts at a target needed before a student's own rate is told. */
    private const FEWEST_PUTTS = 10;

    public function __construct(private readonly SessionLogbook $logbook)
    {
    }

    /** @return array<string, mixed> the state as the API sends it */
    public function state(PracticeRun $run): array
    {
        $log = $this->logbook->ofRun($run);
        $definition = json_decode($run->definition);
        $drill = self::drill($run);
        $sheet = SetOut::sheet($definition, $drill);

        return ['id' => $run->id, 'drill' => $definition, 'kit' => $sheet->kit(), 'checks' => SetOut::checks($sheet), 'seed' => $run->seed, 'group' => $run->students]
            + ReplayComputation::state($drill, $log, $run->students, $run->seed);
    }

    /**
     * Say what to expect before it starts, at this student's own success rate.
     *
     * @return array<string, mixed> null figures where the student's rate is not known
     */
    public function expectation(Drill $drill, int $seed, PracticeSession $session): array
    {
        $control = $this->control($session);
        $lengths = self::lengths($drill, $seed);
        $rates = $control?->bias === null || $control->spread === null || $control->spread <= 0.0
            ? null
            : PassRate::byLength($drill, $lengths, $control->bias, $control->spread);

        return [
            'pass_rates' => $rates,
            'balls' => $rates === null || $rates === [] ? null : ExpectedBalls::of($drill, $rates),
            'putts_behind' => $control->nMeasured ?? 0,
            'cap' => ['balls' => $drill->cap->balls, 'minutes' => $drill->cap->minutes],
            'gate_that_measures_m' => $this->measuringGate($drill, $session),
        ];
    }

    /** @return list<float> metres to each station, scattered ones as the seed settles them */
    public static function lengths(Drill $drill, int $seed): array
    {
        return array_map(static fn(StationTally $tally): float => $tally->lengthMetres, DrillRun::fold($drill, [], $seed)->stations);
    }

    /** Give the width of the gate that tells most of this student's start line; null when nothing is known of it. */
    private function measuringGate(Drill $drill, PracticeSession $session): ?float
    {
        if ($drill->aid?->kind !== AidKind::Gate || $drill->aid->distance === null || $session->student === null) {
            return null;
        }
        $bounds = [];
        /** @var Collection<int, PracticeRun> $runs */
        $runs = PracticeRun::query()->whereIn('practice_session_id', $session->student->practiceSessions()->select('id'))->get();
        /** @var list<string> $sessionIds */
        $sessionIds = $runs->pluck('practice_session_id')->values()->all();
        $logs = $this->logbook->logs($sessionIds);
        foreach ($runs as $run) {
            array_push($bounds, ...self::bounds($run, $logs[$run->practice_session_id]->ofRun($run->id)));
        }
        $spread = (new DirectionFitter())->fit($bounds)->spread;

        return $spread === null ? null : GateChoice::widthFor($spread, $drill->aid->distance)->metres();
    }

    /** @return list<Bound> what a run's gate showed of the start line */
    private static function bounds(PracticeRun $run, SessionLog $log): array
    {
        $drill = self::drill($run);
        $aid = $drill->aid;
        // A gate that steps has had several widths, and a group's balls are not all this student's.
        if ($run->students !== [] || $drill->steps !== null || $aid?->kind !== AidKind::Gate || $aid->width === null || $aid->distance === null) {
            return [];
        }
        $gate = StartLineTest::gate($aid->width, $aid->distance);
        $bounds = [];
        foreach ($log->putts as $putt) {
            $bounds[] = match ($putt->ball->sight->gate) {
                GateResult::Through => $gate->passed(),
                GateResult::Left => $gate->missed(Side::Left),
                GateResult::Right => $gate->missed(Side::Right),
                null => null,
            };
        }

        return array_values(array_filter($bounds));
    }

    public static function drill(PracticeRun $run): Drill
    {
        return DrillReader::read(JsonInput::parse($run->definition));
    }

    private function control(PracticeSession $session): ?DistanceControl
    {
        $student = $session->student;
        /** @var list<string> $sessions */
        $sessions = $student?->practiceSessions()->pluck('id')->values()->all() ?? [];
        $putts = [];
        foreach ($student === null ? [] : $this->logbook->puttsOf($student, $sessions) as $log) {
            foreach ($log as $putt) {
                $ball = $putt->ball;
                if ($ball->target !== null && $ball->roll !== null && $ball->stop === Stop::Free && $ball->remarks->mark === null) {
                    $putts[] = DistancePutt::stoppedAt($ball->target, $ball->roll->metres());
                }
            }
        }

        return count($putts) >= self::FEWEST_PUTTS ? DistanceControl::of($putts) : null;
    }
}
