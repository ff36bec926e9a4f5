<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Event\PuttLogged;
use Amble\Core\Simulation\DrillPlayer;
use App\Http\Requests\DrillRequest;
use App\Models\Coach;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Practice\DrillLibrary;
use App\Practice\SessionLogbook;
use Carbon\CarbonImmutable;

/** The demo clinic's drills: one of the coach's own, and one half rolled in the session that is open. */
final class DemoDrills
{
    private const SEED = 4;
    private const ROLLED = 'lip-and-rod';
    private const BALLS = 7;

    public function __construct(private readonly DrillLibrary $library, private readonly SessionLogbook $logbook)
    {
    }

    /** Put a changed copy of a shipped drill on the coach's own shelf. */
    public function shelve(Coach $coach, string $id): void
    {
        $own = array_merge((array) $this->shipped($coach), [
            'key' => 'pier-to-post',
            'name' => 'Pier to post',
            'stations' => [['length_m' => 2.4384], ['length_m' => 4.2672], ['length_m' => 6.096, 'grade_percent' => 1.0]],
            'balls_per_station' => 2,
        ]);
        $coach->drills()->forceCreate(['id' => $id, 'coach_id' => $coach->id] + DrillRequest::columnsOf((object) $own));
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
        $columns = DrillRequest::columnsOf($this->shipped($coach));
        $run = PracticeRun::query()->create([
            'id' => $ulids->at($start),
            'bench_id' => $session->bench_id,
            'coach_id' => $coach->id,
            'practice_session_id' => $session->id,
            'definition' => $columns['definition'],
            'seed' => self::SEED,
        ]);
        $drill = DrillLibrary::card($run->definition())->rules;
        [, $balls] = (new DrillPlayer($demo->stroke, $speed, new SeededRandom(self::SEED)))->play($drill, self::SEED);
        $this->logbook->append($session, $coach, array_map(
            static fn(PuttLogged $putt): array => self::event($putt, $run, $start, $ulids),
            array_slice($balls, 0, self::BALLS),
        ));
    }

    /** @return array<string, mixed> as a client would send it */
    private static function event(PuttLogged $putt, PracticeRun $run, CarbonImmutable $start, DemoUlids $ulids): array
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

    private function shipped(Coach $coach): \stdClass
    {
        foreach ($this->library->shipped($coach) as $drill) {
            if ($drill->key === self::ROLLED) {
                return $drill;
            }
        }

        throw new \LogicException('The library has no drill ' . self::ROLLED . '.');
    }
}
