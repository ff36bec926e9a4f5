<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Contract\JsonInput;
use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\ExpectedBalls;
use Amble\Core\Drill\PassRate;
use Amble\Core\Drill\StationTally;
use Amble\Core\Session\Stop;
use App\Models\PracticeRun;
use App\Models\PracticeSession;

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
        return ['id' => $run->id, 'drill' => json_decode($run->definition), 'seed' => $run->seed]
            + ReplayComputation::toArray($this->fold($run));
    }

    /**
     * Say what to expect before it starts, at this student's own success rate.
     *
     * @return array<string, mixed> null figures where the student's rate is not known
     */
    public function expectation(PracticeRun $run, PracticeSession $session): array
    {
        $drill = self::drill($run);
        $control = $this->control($session);
        $rates = $control?->bias === null || $control->spread === null || $control->spread <= 0.0 ? null : PassRate::byLength(
            $drill,
            array_map(static fn(StationTally $tally): float => $tally->lengthMetres, $this->fold($run)->stations),
            $control->bias,
            $control->spread,
        );

        return [
            'pass_rates' => $rates,
            'balls' => $rates === null || $rates === [] ? null : ExpectedBalls::of($drill, $rates),
            'putts_behind' => $control->nMeasured ?? 0,
            'cap' => ['balls' => $drill->cap->balls, 'minutes' => $drill->cap->minutes],
        ];
    }

    private function fold(PracticeRun $run): DrillState
    {
        return DrillRun::fold(self::drill($run), $this->logbook->eventsOfRun($run), $run->seed);
    }

    private static function drill(PracticeRun $run): Drill
    {
        return DrillReader::read(JsonInput::parse($run->definition));
    }

    private function control(PracticeSession $session): ?DistanceControl
    {
        $sessions = $session->student?->practiceSessions()->pluck('id')->all() ?? [];
        $putts = [];
        foreach ($this->logbook->puttsBySession(array_values(array_filter($sessions, is_string(...)))) as $log) {
            foreach ($log as $putt) {
                $ball = $putt->ball;
                if ($ball->target !== null && $ball->roll !== null && $ball->stop === Stop::Free && $ball->mark === null) {
                    $putts[] = DistancePutt::stoppedAt($ball->target, $ball->roll->metres());
                }
            }
        }

        return count($putts) >= self::FEWEST_PUTTS ? DistanceControl::of($putts) : null;
    }
}
