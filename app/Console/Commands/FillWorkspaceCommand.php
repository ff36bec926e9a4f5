<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Actions\ProjectSession;
use App\Actions\RefreshStrokeSummaries;
use App\Actions\SaveGreenSpeedMeasurement;
use App\Models\Coach;
use App\Models\DrillDefinition;
use App\Models\Green;
use App\Models\Student;
use App\Reports\DrillLibrary;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Fills an empty database with years of a busy workspace, for the benchmark. */
final class FillWorkspaceCommand extends Command
{
    private const A_SESSION = 100;

    protected $signature = 'amble:big-bench {events=100000 : on the whole workspace} {--balls=10000 : of the one student who rolled most} {--students=40} {--greens=4} {--drills=0 : own drills, copies of built-in ones}';

    protected $description = 'Fill an empty database with a large workspace of simulated students';

    public function handle(
        SaveGreenSpeedMeasurement $readings,
        ProjectSession $projector,
        RefreshStrokeSummaries $summaries,
        DrillLibrary $library,
    ): int {
        if (Coach::query()->exists()) {
            $this->components->error('There are records here already; this fills only an empty database.');

            return self::INVALID;
        }
        $coach = Coach::query()->create([
            'name' => 'Big Bench',
            'email' => (string) config('amble.demo_email'),
            'password' => Str::random(40),
        ]);
        $greens = array_map(
            static fn(int $i): Green => $coach->greens()->create(['name' => "Green $i", 'surface' => 'grass']),
            range(1, max(1, (int) $this->option('greens'))),
        );
        $students = array_map(
            static fn(int $i): Student => $coach->students()->create([
                'name' => "Student $i",
                'hand' => 'right',
                'level' => 'club',
                'unit' => 'feet',
                'finish_past_m' => 0.3,
                'school' => 'rule',
            ]),
            range(1, max(2, (int) $this->option('students'))),
        );
        $this->drills($coach, $library, (int) $this->option('drills'));
        $sessions = intdiv(max(1, (int) $this->argument('events')), self::A_SESSION);
        $ofFirst = intdiv((int) $this->option('balls'), self::A_SESSION);
        $random = new SeededRandom(9);
        $now = CarbonImmutable::now();
        for ($i = 0; $i < $sessions; ++$i) {
            // The first student's sessions lie among the others', the last of all is theirs and today.
            $isFirst =
                ($i % max(1, intdiv($sessions, $ofFirst)) === 0 &&
                    $i < $ofFirst * max(1, intdiv($sessions, $ofFirst))) ||
                $i === $sessions - 1;
            $student = $isFirst ? $students[0] : $students[1 + ($i % (count($students) - 1))];
            $at = $now->subHours(2)->subMinutes(60 * ($sessions - 1 - $i));
            DB::transaction(
                fn() => $this->session(
                    $coach,
                    $student,
                    $greens[$i % count($greens)],
                    $at,
                    $random,
                    $readings,
                    $projector,
                    $i === $sessions - 1,
                ),
            );
        }
        Carbon::setTestNow();
        foreach ($students as $student) {
            $summaries->refresh($student);
        }
        $this->components->info(
            sprintf(
                '%d events in %d sessions; %d balls of the first student.',
                DB::table('session_events')->count(),
                $sessions,
                DB::table('balls')->where('student_id', $students[0]->id)->count(),
            ),
        );

        return self::SUCCESS;
    }

    private function drills(Coach $coach, DrillLibrary $library, int $count): void
    {
        $shipped = $library->shipped($coach);
        for ($i = 0; $i < $count; ++$i) {
            $drill = clone $shipped[$i % count($shipped)];
            $drill->key = sprintf('own-%d', $i + 1);
            $drill->name = sprintf('%s, version %d', $drill->name, $i + 1);
            $coach
                ->drills()
                ->forceCreate(
                    ['id' => (string) Str::ulid(), 'coach_id' => $coach->id] + DrillDefinition::columns($drill),
                );
        }
    }

    private function session(
        Coach $coach,
        Student $student,
        Green $green,
        CarbonImmutable $at,
        SeededRandom $random,
        SaveGreenSpeedMeasurement $readings,
        ProjectSession $projector,
        bool $isOpen,
    ): void {
        Carbon::setTestNow($at);
        $session = $coach->practiceSessions()->create([
            'student_id' => $student->id,
            'green_id' => $green->id,
            'started_at' => $at,
            'ended_at' => $isOpen ? null : $at->addMinutes(50),
        ]);
        // A reading every few sessions: what a green of several coaches comes to.
        if ($random->uniform() < 0.3 || $isOpen) {
            $readings->keep($session, [
                'id' => (string) Str::ulid($at),
                'method' => 'ramp',
                'direction_1_m' => [3.0, 3.05],
                'direction_2_m' => [2.95, 3.02],
            ]);
        }
        $stroke = SimulatedStudent::calibrated(0.3, 1.75, 0.09);
        $speed = GreenSpeed::ofFeet(10.0);
        $rows = [];
        for ($ball = 0; $ball < self::A_SESSION; ++$ball) {
            $back = round(0.12 + 0.25 * $random->uniform(), 3);
            $roll = $stroke->strike(Length::ofMetres($back), $speed, Grade::level(), $random)?->rollMetres;
            $rows[] = [
                'id' => (string) Str::ulid($at->addSeconds(20 * $ball)),
                'practice_session_id' => $session->id,
                'logged_by' => $coach->id,
                'type' => 'putt_logged',
                'version' => 2,
                'at_ms' => (int) $at->addSeconds(20 * $ball)->getTimestampMs(),
                'recorded_at' => $at,
                'payload' => json_encode(
                    [
                        'backstroke_m' => $back,
                        'roll_m' => round((float) $roll, 2),
                        'stop' => 'free',
                        'seen' => (object) self::seen($ball, $random),
                        'target_m' =>
                            $ball % 2 === 0 ? null : round((float) $roll * (1.0 + 0.1 * $random->normal()) + 0.1, 1),
                        'grade_percent' => 0,
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            ];
        }
        DB::table('session_events')->insert($rows);
        $projector->project($session->setRelation('green', $green));
    }

    /** @return array<string, string> every fifth ball is looked at and called, as a busy coach does */
    private static function seen(int $ball, SeededRandom $random): array
    {
        $words = static fn(string ...$words): string => $words[(int) (count($words) * $random->uniform())];

        return $ball % 5 === 0
            ? ['start' => $words('left', 'on', 'right'), 'call' => $words('short', 'on', 'long')]
            : [];
    }
}
