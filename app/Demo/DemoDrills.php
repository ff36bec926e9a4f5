<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Drill\SetupSheet;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Session\Event\BallWriter;
use Amble\Core\Simulation\DrillPlayer;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Tools\SimulatedPractice;
use App\Actions\AppendSessionEvents;
use App\Models\Coach;
use App\Models\DrillDefinition;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Reports\DrillLibrary;
use Carbon\CarbonImmutable;

/** The demo clinic's drills: one of the coach's own, and one half rolled in the session that is open. */
final class DemoDrills
{
    private const SEED = 4;
    private const ROLLED = 'lip-and-rod';
    private const BALLS = 7;
    private const GATE = 'telling-gate';

    /** Putts past the gate and across a slope in one session. */
    private const PUTTS = 24;
    private const SECONDS_A_PUTT = 40;

    public function __construct(
        private readonly DrillLibrary $library,
        private readonly AppendSessionEvents $logbook,
    ) {}

    /** Put a changed copy of a shipped drill on the coach's own shelf. */
    public function shelve(Coach $coach, string $id): void
    {
        $own = array_merge((array) $this->shipped($coach, self::ROLLED), [
            'key' => 'pier-to-post',
            'name' => 'Pier to post',
            'stations' => [
                ['length_m' => 2.4384],
                ['length_m' => 4.2672],
                ['length_m' => 6.096, 'grade_percent' => 1.0],
            ],
            'balls_per_station' => 2,
        ]);
        $coach
            ->drills()
            ->forceCreate(['id' => $id, 'coach_id' => $coach->id] + DrillDefinition::columns((object) $own));
    }

    /** Roll the first balls of a drill in an open session, by its own simulated student. */
    public function roll(
        PracticeSession $session,
        Coach $coach,
        DemoStudent $demo,
        GreenSpeed $speed,
        CarbonImmutable $start,
        DemoUlids $ulids,
    ): void {
        $run = $this->begin($session, $coach, self::ROLLED, $start, $ulids);
        $drill = DrillDefinition::card($run->definition())->rules;
        [, $balls] = (new DrillPlayer($demo->stroke, $speed, new SeededRandom(self::SEED)))->play($drill, self::SEED);
        $this->logbook->append(
            $session,
            $coach->id,
            array_map(
                static fn(BallLogged $putt): array => self::event($putt, $run, $start, $ulids),
                array_slice($balls, 0, self::BALLS),
            ),
        );
    }

    /** Putts of a session that is over: every other one past the gate, the others free, on level ground and across. */
    public function practise(
        PracticeSession $session,
        Coach $coach,
        SimulatedStudent $stroke,
        GreenSpeed $speed,
        CarbonImmutable $start,
        DemoUlids $ulids,
    ): void {
        $run = $this->begin($session, $coach, self::GATE, $start, $ulids);
        $seen = [
            'type' => 'set_out_counted',
            'run_id' => $run->id,
            'item' => 'check',
            'name' => SetupSheet::GATE_SEEN,
            'count' => 1,
        ];
        $events = [$seen + ['id' => $ulids->at($start), 'at_ms' => (int) $start->getTimestampMs()]];
        $seed = (int) $start->getTimestamp();
        $width =
            DrillDefinition::card($run->definition())->rules->aid?->width?->metres() ??
            throw new \LogicException('The gate has no width.');
        foreach (
            (new SimulatedPractice($stroke, $speed, new SeededRandom($seed), $width))->balls(self::PUTTS)
            as $i => [$ball, $isGated]
        ) {
            $at = $start->addSeconds(self::SECONDS_A_PUTT * ($i + 1));
            $events[] =
                [
                    'id' => $ulids->at($at),
                    'at_ms' => (int) $at->getTimestampMs(),
                ] +
                ($isGated ? ['run_id' => $run->id] : []) +
                BallWriter::event($ball);
        }
        $this->logbook->append($session, $coach->id, $events);
    }

    private function begin(
        PracticeSession $session,
        Coach $coach,
        string $drill,
        CarbonImmutable $at,
        DemoUlids $ulids,
    ): PracticeRun {
        return PracticeRun::query()->create([
            'id' => $ulids->at($at),
            'workspace_id' => $session->workspace_id,
            'coach_id' => $coach->id,
            'practice_session_id' => $session->id,
            'definition' => DrillDefinition::columns($this->shipped($coach, $drill))['definition'],
            'seed' => self::SEED,
        ]);
    }

    /** @return array<string, mixed> as a client would send it */
    private static function event(BallLogged $putt, PracticeRun $run, CarbonImmutable $start, DemoUlids $ulids): array
    {
        $at = $start->addMilliseconds($putt->atMilliseconds);
        $ball = $putt->ball;

        return [
            'id' => $ulids->at($at),
            'type' => 'putt_logged',
            'at_ms' => (int) $at->getTimestampMs(),
            'run_id' => $run->id,
            'roll_m' => $ball->roll === null ? null : round($ball->roll->metres(), 2),
            'stop' => $ball->stop->value,
            'target_m' => $ball->target?->metres(),
        ];
    }

    private function shipped(Coach $coach, string $key): \stdClass
    {
        foreach ($this->library->shipped($coach) as $drill) {
            if ($drill->key === $key) {
                return $drill;
            }
        }

        throw new \LogicException("The library has no drill $key.");
    }
}
