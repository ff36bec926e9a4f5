<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\SimulatedGreen;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Actions\AppendSessionEvents;
use App\Actions\RefreshStrokeSummaries;
use App\Actions\SaveGreenSpeedMeasurement;
use App\Models\Benchmark;
use App\Models\Booking;
use App\Models\Coach;
use App\Models\Green;
use App\Models\PracticeSession;
use App\Models\Round;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Puts the demo clinic on the workspace: several weeks of sessions, rolled by simulated students on
 * simulated greens and logged through the same doors a coach uses.
 */
final class DemoSeeder
{
    private const SEED = 20_261;
    private const STATION_FEET = [6.0, 12.0, 18.0, 24.0];

    private readonly SeededRandom $random;
    private readonly DemoUlids $ulids;
    private Coach $coach;
    private CarbonImmutable $today;

    /** @var array<string, Green> */
    private array $greens = [];

    public function __construct(
        private readonly SaveGreenSpeedMeasurement $readings,
        private readonly AppendSessionEvents $logbook,
        private readonly DemoDrills $drills,
        private readonly DemoRounds $rounds,
        private readonly DemoChecks $checks,
        private readonly RefreshStrokeSummaries $summaries,
    ) {
        $this->random = new SeededRandom(self::SEED);
        $this->ulids = new DemoUlids($this->random);
    }

    /**
     * Replace the demo coach's workspace, as if today were the day given.
     *
     * @param string|null $password null gives the demo account none that anybody knows
     */
    public function seed(CarbonImmutable $today, ?string $password = null): Coach
    {
        $this->today = $today;
        DB::transaction(function () use ($password): void {
            $this->removeOld();
            $this->coach = Coach::query()->forceCreate([
                'id' => $this->ulids->at($this->today->subDays(60)),
                'name' => DemoClinic::COACH,
                'email' => config('amble.demo_email'),
                'password' => $password ?? Str::random(40),
                'unit' => 'feet',
                'stride_m' => 0.79,
                'three_putt_inside_m' => 7.62,
            ]);
            foreach (DemoClinic::GREENS as $key => $green) {
                $this->greens[$key] = $this->coach->greens()->create([
                    'id' => $this->ulids->at($this->today->subDays(60)),
                    'name' => $green['name'],
                    'surface' => $green['surface'],
                    'grass' => $green['grass'],
                ]);
            }
            foreach (DemoClinic::students() as $student) {
                $this->seedStudent($student);
            }
            $this->rounds->holdBeside($this->coach, $this->ulids->at($this->today->subDays(20)));
            $this->drills->shelve($this->coach, $this->ulids->at($this->today->subDays(20)));
            DemoCalendar::book($this->coach, $this->greens, $this->today, $this->ulids);
            DemoHoleMap::lay(
                $this->coach,
                $this->greens[array_key_first(DemoClinic::GREENS)],
                $this->ulids->at($this->today->subDays(12)),
            );
            foreach ($this->coach->students()->get() as $student) {
                $this->summaries->refresh($student);
            }
        });
        Carbon::setTestNow();

        return $this->coach;
    }

    private function removeOld(): void
    {
        $old = Coach::query()->where('email', config('amble.demo_email'))->first();
        if ($old !== null) {
            $workspace = $old->workspace;
            PracticeSession::withTrashed()->where('workspace_id', $workspace->id)->forceDelete();
            Benchmark::query()->where('workspace_id', $workspace->id)->delete();
            Booking::query()->where('workspace_id', $workspace->id)->delete();
            Round::withTrashed()->where('workspace_id', $workspace->id)->forceDelete();
            Student::withTrashed()->where('workspace_id', $workspace->id)->forceDelete();
            Green::withTrashed()->where('workspace_id', $workspace->id)->forceDelete();
            $old->delete();
            $workspace->delete();
        }
    }

    private function seedStudent(DemoStudent $demo): void
    {
        $student = $this->coach
            ->students()
            ->create(['id' => $this->ulids->at($this->today->subDays(50))] + $demo->card);
        $this->checks->describe($student);
        $this->rounds->play($this->coach, $student, $this->today, $demo->roundDays, $this->ulids);
        foreach ($demo->sessionDays as $visit => $daysAgo) {
            $start = $this->today
                ->subDays($daysAgo)
                ->setTime(
                    $daysAgo === 0 ? $this->today->hour : 14,
                    $daysAgo === 0 ? $this->today->minute : 10 + 3 * $visit,
                );
            $start = $daysAgo === 0 ? $start->subMinutes(25) : $start;
            $this->seedSession($demo, $student, $start, $visit, $daysAgo === 0);
        }
    }

    private function seedSession(
        DemoStudent $demo,
        Student $student,
        CarbonImmutable $start,
        int $visit,
        bool $isOpen,
    ): void {
        Carbon::setTestNow($start);
        $green = $this->greens[$demo->green];
        $session = $this->coach->practiceSessions()->create([
            'id' => $this->ulids->at($start),
            'student_id' => $student->id,
            'green_id' => $green->id,
            'minutes' => [45, 30, 60][$visit % 3],
            'purpose' => ['First measurement of the stroke', 'Distance from three lengths', 'Re-test, then the ladder'][
                $visit % 3
            ],
            'note_for_next' => $isOpen ? null : $demo->notes[$visit % count($demo->notes)],
            'note_for_student' => $isOpen ? null : 'Ten minutes on the mat at home: same beat, three backstrokes.',
            'started_at' => $start,
            'ended_at' => $isOpen ? null : $start->addMinutes(40),
        ]);
        $this->logbook->append($session, $this->coach->id, $this->card($start, $visit));
        $ground = $this->ground($demo->green);
        $this->measure($session, $ground, $start->addMinutes(4), $visit);
        $student->update(array_filter(['putter' => $demo->putterAt($visit)]));
        $this->checks->check(
            $session,
            $this->coach,
            $student,
            $visit,
            $ground->speed,
            $start->addMinutes(6),
            $this->ulids,
        );
        $this->logbook->append(
            $session,
            $this->coach->id,
            $this->events($demo, $ground, $start->addMinutes(9), $isOpen),
        );
        if ($demo->puttsFromStations && !$isOpen) {
            $this->drills->practise(
                $session,
                $this->coach,
                $demo->strokeAt($visit),
                $ground->speed,
                $start->addMinutes(20),
                $this->ulids,
            );
        }
        if ($isOpen) {
            $this->drills->roll($session, $this->coach, $demo, $ground->speed, $start->addMinutes(17), $this->ulids);
        }
    }

    /** @return list<array<string, mixed>> the state of the green and the stations, as a client would send them */
    private function card(CarbonImmutable $at, int $visit): array
    {
        $events = [];
        foreach ([['dew', 'cold'], ['wind', 'cold'], ['fresh_cut']][$visit % 3] as $condition) {
            $events[] = ['type' => 'condition_noted', 'condition' => $condition];
        }
        foreach (self::STATION_FEET as $feet) {
            $events[] = [
                'type' => 'station_set',
                'station_id' => $this->ulids->at($at),
                'length_m' => $feet * Length::METRES_PER_FOOT,
                'said' => "$feet ft",
                'grade_percent' => $feet === 18.0 ? 1.0 : null,
            ];
        }

        return array_map(
            fn(array $event, int $i): array => $event + [
                'id' => $this->ulids->at($at),
                'at_ms' => (int) $at->getTimestampMs() + $i,
            ],
            $events,
            array_keys($events),
        );
    }

    /** A green as it is that day: its usual speed, a little up or down. */
    private function ground(string $key): SimulatedGreen
    {
        $green = DemoClinic::GREENS[$key];

        return new SimulatedGreen(
            GreenSpeed::ofFeet($green['speed_ft'] + 0.5 * $this->random->normal()),
            Grade::ofPercent(0.4 * $this->random->normal()),
            $green['bumps'],
        );
    }

    private function measure(PracticeSession $session, SimulatedGreen $ground, CarbonImmutable $at, int $visit): void
    {
        Carbon::setTestNow($at);
        $round = static fn(float $metres): float => round($metres, 2);
        if ($visit % 3 === 1) {
            $timed = fn(bool $there): array => array_map(
                function () use ($ground, $there): array {
                    $roll = $ground->timedRoll(2.2 + 0.2 * $this->random->uniform(), $there, 0.08, $this->random);

                    return ['distance_m' => round($roll->distanceMetres, 2), 'time_s' => round($roll->seconds, 2)];
                },
                [1, 2, 3],
            );
            $fields = ['method' => 'stopwatch', 'direction_1' => $timed(true), 'direction_2' => $timed(false)];
        } else {
            [$there, $back] = $ground->rampRolls(3, $this->random);
            $fields = [
                'method' => 'ramp',
                'direction_1_m' => array_map($round, $there),
                'direction_2_m' => array_map($round, $back),
            ];
        }
        $this->readings->keep($session, ['id' => $this->ulids->at($at)] + $fields);
    }

    /** @return list<array<string, mixed>> as a client would send them */
    private function events(DemoStudent $demo, SimulatedGreen $ground, CarbonImmutable $start, bool $isOpen): array
    {
        $events = [];
        $at = $start;
        foreach ($demo->backstrokes as $backstroke) {
            for ($ball = 0; $ball < $demo->ballsEach; ++$ball) {
                $at = $at->addSeconds(25 + (int) (20 * $this->random->uniform()));
                // Rolled off a rule beside the ball: the length is held to within a centimetre or so.
                $taken = round($backstroke * exp(0.03 * $this->random->normal()), 3);
                $putt = $demo->stroke->strike(
                    Length::ofMetres($taken),
                    $ground->speed,
                    Grade::level(),
                    $this->random,
                    $ground->bumps,
                );
                if ($putt !== null) {
                    $events[] = $this->logged($at, $taken, $putt->rollMetres, null);
                }
            }
            if ($isOpen && count($events) >= 9) {
                return $events;
            }
        }
        foreach ($demo->puttsFromStations ? self::STATION_FEET : [] as $feet) {
            $at = $at->addSeconds(60);
            $target = Length::ofFeet($feet);
            $grade = Grade::ofPercent($feet === 18.0 ? 1.0 : 0.0);
            $putt = $demo->stroke->puttTo($target, $ground->speed, $ground->speed, $grade, $this->random);
            if ($putt !== null) {
                $events[] =
                    ['target_m' => $target->metres(), 'grade_percent' => $grade->percent()] +
                    $this->logged($at, round($putt->backstrokeMetres, 3), $putt->rollMetres, $target);
            }
        }

        return $events;
    }

    /** @return array<string, mixed> */
    private function logged(CarbonImmutable $at, float $backstroke, float $roll, ?Length $target): array
    {
        $isHoled = $target !== null && abs($roll - $target->metres() - 0.3) < 0.25;
        $isCut = !$isHoled && $this->random->uniform() < 0.04;

        return [
            'id' => $this->ulids->at($at),
            'type' => 'putt_logged',
            'at_ms' => (int) $at->getTimestampMs(),
            'backstroke_m' => $backstroke,
            'roll_m' => $isHoled ? null : round($isCut ? 0.9 * $roll : $roll, 2),
            'stop' => $isHoled ? 'holed' : ($isCut ? 'edge' : 'free'),
        ];
    }
}
