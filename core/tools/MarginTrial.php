<?php

declare(strict_types=1);

namespace Amble\Tools;

use Amble\Core\Direction\GateChoice;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Evidence\MeasurementAt;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Green\Surface;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Insights;
use Amble\Core\Insight\Rules;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\DayReport;
use Amble\Core\Review\StrokeReport;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Observations;
use Amble\Core\Session\Stop;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Stroke\StrokePrior;
use Amble\Core\Student\BackstrokeCue;
use Amble\Core\Student\Hand;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * A simulated student with known faults on ordinary days, and what the advice should say first. This class is
 * immutable.
 */
final readonly class MarginTrial
{
    /** Notes of the state of the evidence, not of a habit or of the day. */
    private const NO_HABITS = [
        'stroke.none',
        'stroke.provisional',
        'stroke.odd',
        'stroke.left_out',
        'stroke.speed_estimated',
        'stroke.speed_of_another_day',
        'stroke.speed_unknown',
        'gate.due',
        'dose.past',
        'pace.first_tries',
    ];

    private const SHORT = ['pace.habit', 'stroke.too_long', 'pace.either'];

    /** Green speeds of the days in turn, feet. */
    private const ONE_GREEN = [9.5];
    private const TWO_GREENS = [8.0, 11.0];

    public const BALLS_A_SESSION = 20;
    private const SECONDS_A_BALL = 40;
    private const DAY = 86_400_000;

    /**
     * @param list<string> $right notes that name what is the matter; empty where nothing is
     * @param array<string, float> $fault what is other about the student, by the name of the parameter
     * @param array<string, float> $fromHalfway what changes besides from half-way of the last session on
     * @param array<string, float> $before what is other in the sessions before the last: a student who has learnt since
     * @param bool $isGateForAll whether every ball is rolled past the gate, as where the start line is what is looked
     *     at
     * @param float $dayToDay spread of days, log units of the roll
     * @param list<float> $greensFeet speeds of the days in turn
     * @param bool $isByEyeAlone whether starts are told by eye alone; $isByGateAlone by gates alone
     * @param float $speedError share by which the last session's speed was entered too fast
     * @param bool $hasOnlyMisses whether holed balls are not logged
     * @param bool $hasOnlyDrops whether only holed or missed is logged, and no length
     * @param bool $isInTurn whether mat and grass are rolled on in turn
     */
    private function __construct(
        public array $right,
        private array $fault = [],
        private array $fromHalfway = [],
        private array $before = [],
        private bool $isGateForAll = false,
        private float $dayToDay = 0.0,
        private array $greensFeet = self::ONE_GREEN,
        private float $steepestPercent = 0.0,
        private bool $isByEyeAlone = false,
        private bool $isByGateAlone = false,
        private Hand $hand = Hand::Right,
        private float $speedError = 0.0,
        private bool $hasOnlyMisses = false,
        private bool $hasOnlyDrops = false,
        private bool $isInTurn = false,
    ) {}

    /** @return array<string, self> students without a fault, by a name in words */
    public static function faultless(): array
    {
        $ordinary = ['strikeScatter' => 0.09, 'backstrokeScatter' => 0.045, 'lineSpread' => 0.028];

        return [
            'a good player' => new self([]),
            'an ordinary player' => new self([], $ordinary),
            'days differ by 4 %' => new self([], dayToDay: 0.04),
            'days differ by 4 %, an ordinary player' => new self([], $ordinary, dayToDay: 0.04),
            'days differ by 5 %' => new self([], dayToDay: 0.05),
            'days differ by 8 %' => new self([], dayToDay: 0.08),
            'days differ by 8 %, an ordinary player' => new self([], $ordinary, dayToDay: 0.08),
            'two greens in turn, 8 and 11 ft' => new self([], greensFeet: self::TWO_GREENS),
            'slopes from -3 to +3 %' => new self([], steepestPercent: 3.0),
            'two greens, slopes, days differ by 4 %' => new self(
                [],
                $ordinary,
                dayToDay: 0.04,
                greensFeet: self::TWO_GREENS,
                steepestPercent: 3.0,
            ),
            'a left-hander' => new self([], hand: Hand::Left),
            'starts told by eye alone' => new self([], isByEyeAlone: true),
            'starts told by gates alone' => new self([], isByGateAlone: true),
            'holed or missed alone is logged' => new self([], hasOnlyDrops: true),
            'mat and grass in turn' => new self([], isInTurn: true),
            'a fast learner' => new self(
                [],
                before: ['strikeScatter' => 0.13, 'backstrokeScatter' => 0.07, 'lineSpread' => 0.035],
            ),
        ];
    }

    /** @return array<string, self> students with a fault, or days with one, by a name in words */
    public static function faults(): array
    {
        return [
            'short everywhere, 12 %' => new self(self::SHORT, ['lengthBias' => -0.12]),
            'long everywhere, 12 %' => new self(self::SHORT, ['lengthBias' => 0.12]),
            'short, 12 %, days differ by 4 %' => new self(self::SHORT, ['lengthBias' => -0.12], dayToDay: 0.04),
            'uneven backstrokes' => new self(['stroke.uneven_back'], ['backstrokeScatter' => 0.14]),
            'uneven backstrokes, two greens and slopes' => new self(
                ['stroke.uneven_back'],
                ['backstrokeScatter' => 0.14],
                greensFeet: self::TWO_GREENS,
                steepestPercent: 3.0,
            ),
            'uneven strike' => new self(['stroke.uneven_strike'], ['strikeScatter' => 0.22]),
            'uneven strike, days differ by 4 %' => new self(
                ['stroke.uneven_strike'],
                ['strikeScatter' => 0.22],
                dayToDay: 0.04,
            ),
            'starts right, 1.2°, by the stroke' => new self(['start.side'], ['faceBias' => 0.021]),
            'the same, every ball past the gate' => new self(['start.side'], ['faceBias' => 0.021], isGateForAll: true),
            'the same, gates alone are looked at' => new self(
                ['start.side'],
                ['faceBias' => 0.021],
                isByGateAlone: true,
            ),
            'the same, told by eye alone' => new self(['start.side'], ['faceBias' => 0.021], isByEyeAlone: true),
            'starts left, 1.2°, by the aim' => new self(['start.side'], ['aimBias' => -0.021]),
            'a left-hander starts left, 1.2°' => new self(['start.side'], ['faceBias' => -0.021], hand: Hand::Left),
            'aims left and blocks it back' => new self(
                ['start.compensation'],
                ['aimBias' => -0.03, 'faceBias' => 0.03],
            ),
            'starts scattered, 3.4°' => new self(['start.scatter'], ['lineSpread' => 0.06]),
            'the same, each past the gate' => new self(['start.scatter'], ['lineSpread' => 0.06], isGateForAll: true),
            'reads half the break' => new self(['read.low'], ['readShare' => 0.5]),
            'reads 60 % of the break' => new self(['read.low'], ['readShare' => 0.6]),
            'reads 140 % of the break' => new self(['read.high'], ['readShare' => 1.4]),
            'feels balls longer, 20 %' => new self(['feel.off'], ['feelBias' => 0.2]),
            'short, 12 %, from half-way of the last session' => new self(
                ['pace.halfway', ...self::SHORT],
                fromHalfway: ['lengthBias' => -0.12],
            ),
            'short, 20 %, from half-way of the last session' => new self(
                ['pace.halfway', ...self::SHORT],
                fromHalfway: ['lengthBias' => -0.2],
            ),
            'only misses are logged' => new self(['log.only_misses'], hasOnlyMisses: true),
            'speed entered 15 % too fast today' => new self(['stroke.offset', 'stroke.green'], speedError: 0.15),
            'speed entered 15 % too slow today' => new self(['stroke.offset', 'stroke.green'], speedError: -0.15),
            'two: short, and starts right' => new self(
                [...self::SHORT, 'start.side'],
                ['lengthBias' => -0.12, 'faceBias' => 0.021],
            ),
            'two: reads half, and uneven strike' => new self(
                ['read.low', 'stroke.uneven_strike'],
                ['readShare' => 0.5, 'strikeScatter' => 0.22],
            ),
        ];
    }

    /** One who reads a share of the break, and is otherwise a good player. */
    public static function reading(float $share): self
    {
        return new self([], ['readShare' => $share]);
    }

    public function student(): SimulatedStudent
    {
        return SimulatedStudent::calibrated(0.3, 1.7, 0.07)->changed(
            array_replace(['backstrokeScatter' => 0.035], $this->fault),
        );
    }

    /** What is asked after so many balls of a new practice. */
    public function asked(int $n, RandomSource $random): BallSelection
    {
        $balls = $this->balls($n, $random);
        $last = end($balls);

        return new BallSelection(
            array_values(
                array_filter(
                    $balls,
                    static fn(RolledBall $ball): bool => $last !== false && $ball->surface === $last->surface,
                ),
            ),
            $last === false ? Surface::Grass : $last->surface,
            SimulatedPractice::PACE,
            $this->hand,
        );
    }

    /** The first note of a habit or of the day after so many balls of a new practice; null where there is none. */
    public function firstNote(int $n, RandomSource $random): ?Insight
    {
        return $this->notes($n, $random)[0] ?? null;
    }

    /**
     * @return list<Insight> notes of habits and of the day after so many balls of a new practice, the first one first
     */
    public function notes(int $n, RandomSource $random): array
    {
        $asked = $this->asked($n, $random);
        $last = $asked->balls()[$asked->count() - 1] ?? null;
        $session = $last->sessionId ?? '';
        $stroke = StrokeReport::of($asked, $session, StrokePrior::shipped());
        $day = DayReport::student($asked->balls(), $asked->surface, $session);
        $facts = new InsightFacts(
            fit: $stroke->fit,
            method: MeasurementMethod::Ramp,
            reading: $last?->reading,
            strokeToday: $stroke->today,
            today: $day->n === 0 ? null : DayReport::of([$day]),
            ballsToday: $day->n,
            leftOut: [],
            school: BackstrokeCue::Rule,
            tries: null,
            lately: $asked,
            session: $asked->where(static fn(RolledBall $ball): bool => $ball->sessionId === $session),
            path: $asked,
            hasHistory: $day->usual !== null,
        );

        return array_values(
            array_filter(
                Insights::of(Rules::all(), $facts, []),
                static fn(Insight $note): bool => !in_array($note->key, self::NO_HABITS, true),
            ),
        );
    }

    /**
     * As the log would hand them out: a session a day, each on a green measured that day.
     *
     * @return list<RolledBall>
     */
    private function balls(int $n, RandomSource $random): array
    {
        $student = $this->student();
        // The gate a coach would set: the one that tells this student's start line best (maths.md 4.2).
        $gate = GateChoice::widthFor(
            $student->lineSpread,
            Length::ofMetres(SimulatedPractice::GATE_DISTANCE),
        )->metres();
        $sessions = (int) ceil($n / self::BALLS_A_SESSION);
        $rolled = [];
        for ($session = 0; $session < $sessions; ++$session) {
            $isLast = $session === $sessions - 1;
            $speed = GreenSpeed::ofFeet($this->greensFeet[$session % count($this->greensFeet)]);
            $practice = new SimulatedPractice(
                $isLast ? $student : $student->changed($this->before),
                $speed,
                $random,
                $gate,
                $this->isGateForAll,
                new SimulatedDay(
                    $this->dayToDay * $random->normal(),
                    $this->steepestPercent,
                    $this->isByEyeAlone,
                    $this->isByGateAlone,
                ),
            );
            $entered = GreenSpeed::ofMetres($speed->metres() * (1.0 + ($isLast ? $this->speedError : 0.0)));
            foreach (
                $this->ofSession($practice, min(self::BALLS_A_SESSION, $n - $session * self::BALLS_A_SESSION), $isLast)
                as $i => [$ball, $isAtHole]
            ) {
                $rolled[] = $this->rolled($ball, $isAtHole, $session, $i, $entered, $gate);
            }
        }

        return $rolled;
    }

    /** @return list<array{Ball, bool}> */
    private function ofSession(SimulatedPractice $practice, int $n, bool $isLast): array
    {
        $balls = [];
        $half = $isLast && $this->fromHalfway !== [] ? intdiv($n, 2) : $n;
        while (count($balls) < $n) {
            if (count($balls) === $half && $half < $n) {
                $practice->becomes($this->student()->changed($this->fromHalfway));
            }
            foreach ($practice->balls(1) as $ball) {
                if (!$this->hasOnlyMisses || $ball[0]->stop !== Stop::Holed) {
                    $balls[] = $ball;
                }
            }
        }

        return $balls;
    }

    private function rolled(
        Ball $ball,
        bool $isAtHole,
        int $session,
        int $i,
        GreenSpeed $entered,
        float $gate,
    ): RolledBall {
        $surface = $this->isInTurn && $session % 2 === 1 ? Surface::Mat : Surface::Grass;
        $hasGate = $ball->sight->gate !== null;
        $logged = $this->hasOnlyDrops ? self::dropAlone($ball, $isAtHole) : $ball;
        $meant = $ball->target?->longerBy($isAtHole ? SimulatedPractice::PACE : 0.0);

        return new RolledBall(
            "S{$session}B$i",
            $session * self::DAY + 1000 * self::SECONDS_A_BALL * $i,
            "S$session",
            $logged,
            surface: $surface,
            reading: new MeasurementInForce(
                new MeasurementAt($session * self::DAY, "S$session", $entered, 0.02),
                true,
                0,
            ),
            word: $meant === null ? null : Acceptance::usual($meant)->word($logged),
            block: max(1, $i + 1),
            aid: $hasGate ? AidKind::Gate : null,
            aidWidth: $hasGate ? $gate : null,
            aidDistance: $hasGate ? SimulatedPractice::GATE_DISTANCE : null,
            isAidChecked: $hasGate,
            isAtHole: $isAtHole,
            finishPast: SimulatedPractice::PACE,
        );
    }

    /** The same ball of which a coach wrote down whether it dropped, and nothing else. */
    private static function dropAlone(Ball $ball, bool $isAtHole): Ball
    {
        return Ball::seen(
            null,
            null,
            $ball->stop === Stop::Holed ? Stop::Holed : Stop::Unseen,
            $ball->target,
            Grade::level(),
            sight: $isAtHole && $ball->stop !== Stop::Holed
                ? Observations::answered(['dropped' => false])
                : Observations::nothing(),
        );
    }
}
