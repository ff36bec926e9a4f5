<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Advice\Facts;
use Amble\Core\Advice\Margin;
use Amble\Core\Advice\Note;
use Amble\Core\Advice\Rules;
use Amble\Core\Direction\GateChoice;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\ReadingAt;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Evidence\Standing;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\ReadingMethod;
use Amble\Core\Green\Surface;
use Amble\Core\LookBack\Asked;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Session\Ball;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Student\School;
use Amble\Core\Units\Length;

/** A simulated student with known faults, and what the margin should say first. This class is immutable. */
final readonly class MarginTrial
{
    /** Notes of the state of the evidence, not of a habit. */
    private const NO_HABITS = [
        'stroke.none', 'stroke.provisional', 'stroke.odd', 'stroke.left_out', 'stroke.speed_estimated', 'stroke.speed_of_another_day', 'stroke.speed_unknown',
        'gate.due', 'dose.past', 'pace.first_tries',
    ];

    private const GREEN_FEET = 9.5;
    private const BALLS_A_SESSION = 20;
    private const SECONDS_A_BALL = 40;
    private const DAY = 86_400_000;

    /**
     * @param array<string, float> $fault what is other about the student, by the name of the parameter
     * @param list<string> $right notes that name it; empty for a student without a fault
     * @param bool $isGateForAll whether every ball is rolled past the gate, as where the start line is what is looked at
     */
    private function __construct(private array $fault, public array $right, private bool $isGateForAll = false)
    {
    }

    /** @return array<string, self> by a name in words */
    public static function faults(): array
    {
        return [
            'none, a good player' => new self([], []),
            'none, an ordinary player' => new self(['strikeScatter' => 0.09, 'backstrokeScatter' => 0.045, 'lineSpread' => 0.028], []),
            'short everywhere, 12 %' => new self(['lengthBias' => -0.12], ['pace.habit', 'stroke.too_long']),
            'long everywhere, 12 %' => new self(['lengthBias' => 0.12], ['pace.habit', 'stroke.too_long']),
            'uneven backstrokes' => new self(['backstrokeScatter' => 0.14], ['stroke.uneven_back']),
            'uneven strike' => new self(['strikeScatter' => 0.22], ['stroke.uneven_strike']),
            'starts right, 1.2°, by the stroke' => new self(['faceBias' => 0.021], ['start.side']),
            'the same, every ball past the gate' => new self(['faceBias' => 0.021], ['start.side'], true),
            'starts left, 1.2°, by the aim' => new self(['aimBias' => -0.021], ['start.side']),
            'aims left and blocks it back' => new self(['aimBias' => -0.03, 'faceBias' => 0.03], ['start.compensation']),
            'starts scattered, 3.4°' => new self(['lineSpread' => 0.06], ['start.scatter']),
            'the same, each past the gate' => new self(['lineSpread' => 0.06], ['start.scatter'], true),
            'reads half the break' => new self(['readShare' => 0.5], ['read.low']),
            'feels balls longer, 20 %' => new self(['feelBias' => 0.2], ['feel.off']),
            'two: short, and starts right' => new self(['lengthBias' => -0.12, 'faceBias' => 0.021], ['pace.habit', 'stroke.too_long', 'start.side']),
            'two: reads half, and uneven strike' => new self(['readShare' => 0.5, 'strikeScatter' => 0.22], ['read.low', 'stroke.uneven_strike']),
        ];
    }

    /** One who reads a share of the break, and is otherwise a good player. */
    public static function reading(float $share): self
    {
        return new self(['readShare' => $share], []);
    }

    public function student(): SimulatedStudent
    {
        return SimulatedStudent::calibrated(0.30, 1.7, 0.07)->changed(array_replace(['backstrokeScatter' => 0.035], $this->fault));
    }

    /** What is asked after so many balls of a new practice. */
    public function asked(int $n, RandomSource $random): Asked
    {
        $student = $this->student();
        $speed = GreenSpeed::ofFeet(self::GREEN_FEET);
        // The gate a coach would set: the one that tells this student's start line best (maths.md 4.2).
        $gate = GateChoice::widthFor($student->lineSpread, Length::ofMetres(SimulatedPractice::GATE_DISTANCE))->metres();

        return new Asked(self::rolled((new SimulatedPractice($student, $speed, $random, $gate, $this->isGateForAll))->balls($n), $speed, $gate), Surface::Grass, SimulatedPractice::PACE);
    }

    /** The first note of a habit after so many balls of a new practice; null where there is none. */
    public function firstNote(int $n, RandomSource $random): ?Note
    {
        $asked = $this->asked($n, $random);
        $fit = (new StrokeFitter())->fit(array_values((new ForStroke(Surface::Grass))->putts($asked->balls)));
        $reading = $asked->balls === [] ? null : $asked->balls[count($asked->balls) - 1]->reading;
        $facts = new Facts($fit, ReadingMethod::Ramp, $reading, null, null, 0, [], School::Rule, null, $asked, $asked);
        foreach (Margin::of(Rules::all(), $facts, []) as $note) {
            if (!in_array($note->key, self::NO_HABITS, true)) {
                return $note;
            }
        }

        return null;
    }

    /**
     * As the log would hand them out: a session a day, each on a green measured that day.
     *
     * @param list<array{Ball, bool}> $balls
     *
     * @return list<RolledBall>
     */
    private static function rolled(array $balls, GreenSpeed $speed, float $gate): array
    {
        $rolled = [];
        foreach ($balls as $i => [$ball, $isGated]) {
            $session = intdiv($i, self::BALLS_A_SESSION);
            $rolled[] = new RolledBall(
                "B$i",
                $session * self::DAY + 1000 * self::SECONDS_A_BALL * $i,
                "S$session",
                $ball,
                surface: Surface::Grass,
                reading: new Standing(new ReadingAt($session * self::DAY, "S$session", $speed, 0.02), true, 0),
                word: $ball->target === null ? null : Acceptance::usual($ball->target)->word($ball),
                block: $i + 1,
                aid: $isGated ? AidKind::Gate : null,
                aidWidth: $isGated ? $gate : null,
                aidDistance: $isGated ? SimulatedPractice::GATE_DISTANCE : null,
                isAidChecked: $isGated,
                isAtHole: $isGated,
            );
        }

        return $rolled;
    }
}
