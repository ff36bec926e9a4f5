<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\Phase;
use Amble\Core\Drill\Station;
use Amble\Core\Green\Surface;
use Amble\Core\Insight\Debrief;
use Amble\Core\Json\JsonInput;
use Amble\Core\Plan\Block;
use Amble\Core\Plan\BlockKind;
use Amble\Core\Plan\Candidate;
use Amble\Core\Plan\DrillMinutes;
use Amble\Core\Plan\Plan;
use Amble\Core\Plan\Planner;
use Amble\Core\Plan\PlanProgress;
use Amble\Core\Plan\PuttingSkill;
use Amble\Core\Plan\SessionLimits;
use Amble\Core\Plan\SessionProgress;
use Amble\Core\Plan\StudentNeed;
use Amble\Core\Review\BallFilter;
use Amble\Core\Rounds\Stakes;
use Amble\Core\Session\Condition;
use Amble\Core\Student\Complaint;
use Amble\Core\Student\Focus;
use Amble\Core\Student\PreferenceQuestion;
use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;
use App\Models\CheckAttemptRecord;
use App\Models\Coach;
use App\Models\DrillDefinition;
use App\Models\DrillFindingRecord;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** Gathers what a plan is made from, and what it is held against. */
final class PlanReport
{
    /** A carpet at home holds no longer putt. */
    private const LONGEST_AT_HOME_METRES = 4.0;

    /** An aim that was checked so lately is known, days. */
    private const AIM_KNOWN = 30;
    private const KEPT_MINUTES = 60;

    /** A drill's minutes are learned from its latest runs. */
    private const RUNS = 400;
    private const FEWEST_BALLS = 3;

    /** Longer than this somebody went for a walk in between, minutes. */
    private const LONGEST_RUN = 90;

    public function __construct(
        private readonly DrillLibrary $library,
        private readonly RoundStatistics $play,
        private readonly SessionReview $review,
        private readonly BallReport $looks,
        private readonly GreenSpeeds $speeds,
    ) {}

    public function planner(PracticeSession $session, Coach $coach, SessionLimits $day): Planner
    {
        return new Planner($day, $this->need($session), $this->candidates($coach));
    }

    /**
     * @param array{minutes: int, has_hole: bool, bag: list<\Amble\Core\Drill\Equipment\EquipmentType>|null} $said
     */
    public function day(PracticeSession $session, array $said): SessionLimits
    {
        $conditions = array_values(array_filter(array_map(Condition::tryFrom(...), $session->conditions)));
        $here = array_filter($session->companions(), static fn(array $one): bool => $one['standing'] === 'here');

        return new SessionLimits(
            max(1, $said['minutes']),
            $session->green?->surface === Surface::Mat ? 'mat' : 'green',
            $said['has_hole'],
            max(1, count($here)),
            $said['bag'],
            $this->isMeasured($session),
            in_array(Condition::Storm, $conditions, true),
            array_intersect(array_map(static fn(Condition $one): string => $one->value, $conditions), [
                Condition::Cored->value,
                Condition::Rain->value,
                Condition::TopDressed->value,
            ]) !== [],
        );
    }

    public static function plan(PracticeSession $session): ?Plan
    {
        return $session->plan === null
            ? null
            : Plan::read(JsonInput::parse(json_encode($session->plan, JSON_THROW_ON_ERROR)));
    }

    public function progress(PracticeSession $session, Plan $plan): PlanProgress
    {
        $until = $session->ended_at ?? CarbonImmutable::now();

        return PlanProgress::of(
            $plan,
            new SessionProgress(
                max(0.0, $session->started_at->diffInSeconds($until) / 60.0),
                $this->isMeasured($session),
                CheckAttemptRecord::query()->where('practice_session_id', $session->id)->where('kind', 'aim')->count(),
                self::drills($session),
                self::parts($session),
                $session->ended_at !== null,
            ),
        );
    }

    /** What is said at the end of a session of its student; null where nobody came. */
    public function debrief(PracticeSession $session, Coach $coach): ?Debrief
    {
        $student = $session->student;
        if ($student === null) {
            return null;
        }
        $skill = $this->need($session)->inOrder()[0];

        return Debrief::of(
            $this->looks->ofSession($session, $student, new BallFilter()),
            $this->review->look($session, $student, $coach->threePuttInside())->notes,
            $skill,
            $this->forHome($coach, $skill, $student),
            array_map(static fn(Focus $focus): string => $focus->text, $student->inWork()->focuses),
        );
    }

    /**
     * @return list<Drill> the plan's drills in their order, one a station, from the first again where there are more stations; none without a plan
     */
    public function atStations(PracticeSession $session, Coach $coach, int $stations): array
    {
        $shelf = $this->library->ofWorkspace($coach);
        $keys = array_values(
            array_filter(
                array_map(
                    static fn(Block $block): ?string => $block->isDropped || !isset($shelf[$block->drill ?? ''])
                        ? null
                        : $block->drill,
                    self::plan($session)->blocks ?? [],
                ),
            ),
        );

        return $keys === []
            ? []
            : array_map(
                static fn(int $i): Drill => DrillDefinition::card($shelf[$keys[$i % count($keys)]]),
                range(0, $stations - 1),
            );
    }

    /** @return array{string, int, string}|null a drill for a mat that works at a skill, its balls and its key */
    private function forHome(Coach $coach, PuttingSkill $skill, Student $student): ?array
    {
        $need = new StudentNeed(school: $student->school->value, isGentle: $student->is_gentle);
        foreach ($this->candidates($coach) as $candidate) {
            $longest = max(
                array_map(
                    static fn(Station $station): float => $station->to->metres(),
                    $candidate->card->rules->stations,
                ),
            );
            if (
                PuttingSkill::of($candidate->card) === $skill &&
                $longest <= self::LONGEST_AT_HOME_METRES &&
                $candidate->against(new SessionLimits(15, 'mat', hasHole: false), $need) === []
            ) {
                return [
                    $candidate->card->name,
                    $candidate->balls($candidate->wholeMinutes(), BlockKind::Line),
                    $candidate->card->key,
                ];
            }
        }

        return null;
    }

    private function isMeasured(PracticeSession $session): bool
    {
        return $this->speeds->ofSession($session)->standing?->isOfTheDay === true;
    }

    private function need(PracticeSession $session): StudentNeed
    {
        $student = $session->student;
        if ($student === null) {
            return new StudentNeed(isAimKnown: true);
        }
        $facts = $student->facts();
        $schools = $student->schools();
        $now = CarbonImmutable::now();
        $last = PracticeSession::ballsSeenOf($student)->where('practice_session_id', '!=', $session->id)->max('at_ms');
        // What lay before they first came counts until they have rolled here.
        $away = is_numeric($last)
            ? (int) floor(($now->getTimestampMs() - (int) $last) / (7 * 86_400_000))
            : $facts->layOffWeeks ?? 0;

        return new StudentNeed(
            atStake: $this->atStake($student),
            complaint: match ($student->inWork()->about) {
                Complaint::Pace => PuttingSkill::Pace,
                Complaint::StartLine => PuttingSkill::Line,
                Complaint::Read => PuttingSkill::Read,
                null => null,
            },
            weeksAway: $away,
            daysSince: self::daysSince($student, $now),
            promised: self::promised($session, $student),
            schools: array_combine(
                array_keys(PreferenceQuestion::all()),
                array_map($schools->answer(...), array_keys(PreferenceQuestion::all())),
            ),
            school: $student->school->value,
            band: $this->play->of($student, null)->band,
            isGentle: $student->is_gentle,
            isAimKnown: CheckAttemptRecord::query()
                ->where('student_id', $student->id)
                ->where('kind', 'aim')
                ->where('at_ms', '>', $now->subDays(self::AIM_KNOWN)->getTimestampMs())
                ->exists(),
            lengthStep: match ($student->unit) {
                Unit::Metres => StudentNeed::HALF_METRE,
                Unit::Feet => Length::METRES_PER_FOOT,
                Unit::Paces => $student->stride_m ?? StudentNeed::HALF_METRE,
            },
        );
    }

    /**
     * @return array<string, float>|null strokes a round by skill; half a second's work, so it is kept while no ball was rolled
     */
    private function atStake(Student $student): ?array
    {
        $key = CacheKey::of('at stake', $student->workspace_id, [$student]);
        /** @var array{array<string, float>|null} $kept */
        $kept = Cache::remember($key, CarbonImmutable::now()->addMinutes(self::KEPT_MINUTES), function () use (
            $student,
        ): array {
            [$stakes] = $this->play->stakes($student);

            return [$stakes instanceof Stakes ? $stakes->bySkill() : null];
        });

        return $kept[0];
    }

    private static function promised(PracticeSession $session, Student $student): ?string
    {
        $note = $student
            ->practiceSessions()
            ->where('started_at', '<', $session->started_at)
            ->whereNotNull('note_for_next')
            ->orderByDesc('started_at')
            ->value('note_for_next');

        return is_string($note) ? mb_substr($note, 0, 120) : null;
    }

    /** @return array<string, int> by key of the drill */
    private static function daysSince(Student $student, CarbonImmutable $now): array
    {
        $days = [];
        foreach (
            DrillFindingRecord::query()
                ->toBase()
                ->where('student_id', $student->id)
                ->groupBy('drill')
                ->selectRaw('drill, max(at_ms) as at_ms')
                ->get()
            as $row
        ) {
            $days[(string) $row->drill] = (int) floor(($now->getTimestampMs() - (int) $row->at_ms) / 86_400_000);
        }

        return $days;
    }

    /** @return list<Candidate> drills of the library and the coach's own, with the minutes they take here */
    private function candidates(Coach $coach): array
    {
        $took = self::took($coach);
        $candidates = [];
        foreach ($this->library->ofWorkspace($coach) as $drill) {
            $card = DrillDefinition::card($drill);
            $candidates[] = isset($took[$card->key])
                ? new Candidate($card, DrillMinutes::of($card->minutes ?? Candidate::USUAL, $took[$card->key]))
                : Candidate::unlearned($card);
        }

        return $candidates;
    }

    /**
     * @return array<string, list<float>> minutes of the latest runs in this workspace that came to their end, by key of
     *     the drill
     */
    private static function took(Coach $coach): array
    {
        $rows = DB::table('findings')
            ->where('findings.workspace_id', $coach->workspace_id)
            ->where('findings.balls', '>=', self::FEWEST_BALLS)
            ->whereIn('findings.phase', [Phase::Done->value, Phase::Capped->value])
            ->join(
                'balls',
                static fn(JoinClause $join) => $join
                    ->on('balls.run_id', '=', 'findings.run_id')
                    ->on('balls.student_id', '=', 'findings.student_id'),
            )
            ->groupBy('findings.id', 'findings.drill', 'findings.balls')
            ->orderByDesc('findings.id')
            ->limit(self::RUNS)
            ->selectRaw(
                'findings.drill as drill, findings.balls as balls, min(balls.at_ms) as first_ms, max(balls.at_ms) as last_ms',
            )
            ->get();
        $took = [];
        foreach ($rows as $row) {
            // Between the first ball and the last there is one stretch less than there are balls.
            $minutes =
                ((((int) $row->last_ms - (int) $row->first_ms) / 60_000.0) * (int) $row->balls) /
                ((int) $row->balls - 1);
            if ($minutes > 0.0 && $minutes < self::LONGEST_RUN) {
                $took[(string) $row->drill][] = $minutes;
            }
        }

        return $took;
    }

    /** @return array<string, array{minutes: float, is_over: bool}> by key */
    private static function drills(PracticeSession $session): array
    {
        $drills = [];
        $times = DB::table('balls')
            ->where('practice_session_id', $session->id)
            ->whereNotNull('run_id')
            ->groupBy('run_id')
            ->selectRaw('run_id, min(at_ms) as first_ms, max(at_ms) as last_ms')
            ->get()
            ->keyBy('run_id');
        foreach (PracticeRun::query()->where('practice_session_id', $session->id)->get() as $run) {
            $time = $times->get($run->id);
            $drills[(string) $run->definition()->key] = [
                'minutes' => $time === null ? 0.0 : ((int) $time->last_ms - (int) $time->first_ms) / 60_000.0,
                'is_over' => $run->isOver(),
            ];
        }

        return $drills;
    }

    /** @return array<string, array{minutes: float, balls: int}> by name of the part */
    private static function parts(PracticeSession $session): array
    {
        $parts = [];
        foreach (
            DB::table('balls')
                ->where('practice_session_id', $session->id)
                ->whereNotNull('part')
                ->groupBy('part')
                ->selectRaw('part, count(*) as balls, min(at_ms) as first_ms, max(at_ms) as last_ms')
                ->get()
            as $row
        ) {
            $parts[(string) $row->part] = [
                'minutes' => ((int) $row->last_ms - (int) $row->first_ms) / 60_000.0,
                'balls' => (int) $row->balls,
            ];
        }

        return $parts;
    }
}
