<?php

declare(strict_types=1);

namespace Amble\Tools;

use Amble\Core\Direction\StartLineTest;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Capture;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Observations;
use Amble\Core\Session\Stop;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * A practice as a coach would log it of a simulated student whose faults are known: putts at lengths on level ground
 * and across a slope, every other one past a gate at a hole and the rest at a post, with where they started, ended, on
 * which side, and what was called.
 */
final class SimulatedPractice
{
    /** Where the gate stands, metres from the ball. */
    public const GATE_DISTANCE = 0.5;

    /** How far past a hole the student plays for, metres; at a post, to it. */
    public const PACE = 0.3;

    /** A coach's eye sees a start this far off, radians. */
    private const SEEN_BY_EYE = 0.0175;

    /** Lengths in metres, rolled in this order over and over. */
    private const LENGTHS = [1.8, 4.5, 3.0, 6.0];
    private const ACROSS_PERCENT = [0.0, 2.0, 0.0, -2.0, 1.5];

    /** @var array<string, float|null> break by putt, metres at the hole, positive right */
    private array $breaks = [];

    /** Balls rolled so far. */
    private int $rolled = 0;

    /**
     * @param float $gateWidth clear width of the gate, metres
     * @param bool $isGateForAll whether it stands for every ball instead of every other one
     */
    public function __construct(
        private SimulatedStudent $student,
        private readonly GreenSpeed $speed,
        private readonly RandomSource $random,
        private readonly float $gateWidth,
        private readonly bool $isGateForAll = false,
        private readonly SimulatedDay $day = new SimulatedDay(),
    ) {}

    /** From the next ball on the student putts with other parameters: a fault that sets in, or one that is mended. */
    public function becomes(SimulatedStudent $student): void
    {
        $this->student = $student;
    }

    /**
     * One ball after another, going on where the last call ended; every other one is rolled at a hole past the gate.
     *
     * @return list<array{Ball, bool}> the ball, and whether it was rolled at a hole
     */
    public function balls(int $n): array
    {
        $balls = [];
        for ($end = $this->rolled + $n; $this->rolled < $end; ++$this->rolled) {
            $i = $this->rolled;
            $isGated = $this->isGateForAll || $i % 2 === 0;
            $ball = $this->ball(
                Length::ofMetres(self::LENGTHS[$i % count(self::LENGTHS)]),
                Grade::ofPercent(round($this->day->steepestPercent * (2.0 * $this->random->uniform() - 1.0))),
                Grade::ofPercent($isGated ? 0.0 : self::ACROSS_PERCENT[intdiv($i, 2) % count(self::ACROSS_PERCENT)]),
                $isGated,
                $i % 3 === 0,
            );
            if ($ball !== null) {
                $balls[] = [$ball, $isGated];
            }
        }

        return $balls;
    }

    /** @param bool $isAimChecked whether the face's aim was looked at before it */
    private function ball(Length $target, Grade $along, Grade $across, bool $isGated, bool $isAimChecked): ?Ball
    {
        $pace = $isGated ? self::PACE : 0.0;
        $break = $this->break($target, $along, $across, $pace);
        $putt =
            $break === null
                ? null
                : $this->student->puttTo(
                    Length::ofMetres(($target->metres() + $pace) * (1.0 + $this->student->lengthBias)),
                    $this->speed,
                    GreenSpeed::ofMetres($this->speed->metres() * exp($this->day->offset)),
                    $along,
                    $this->random,
                );
        if ($break === null || $putt === null) {
            return null;
        }
        $misread = $break * ($this->student->readShare - 1.0 + $this->student->readScatter * $this->random->normal());
        $aside = $target->metres() * tan($putt->startLine) + $misread;
        $past = $putt->rollMetres - $target->metres();
        $isHoled =
            $isGated &&
            $past >= 0.0 &&
            Capture::catches($aside, sqrt(2.0 * $this->speed->decelerationOn($along) * $past));
        $felt = (new LineRoll($this->speed, $along))->rollOf($putt->feltMetres) ?? $putt->feltMetres;
        $call = LengthCall::of(($felt * (1.0 + $this->student->feelBias)) / ($target->metres() + $pace) - 1.0, 0.1);

        return Ball::seen(
            Length::ofMetres(round($putt->backstrokeMetres, 3)),
            Length::ofMetres(round($putt->rollMetres, 2)),
            $isHoled ? Stop::Holed : Stop::Free,
            $target,
            $along,
            sight: Observations::answered(
                $this->seen($putt->startLine, $isGated) + [
                    'side_m' => $isHoled ? null : round(($aside * $putt->rollMetres) / $target->metres(), 2),
                    'call' => $call->value,
                    // Ground that rises to the right is high there.
                    'high_low' => $isHoled || $break === 0.0 ? null : ($aside * $break > 0.0 ? 'high' : 'low'),
                    'read_amount_m' => $break === 0.0 ? null : round(abs($break + $misread), 2),
                    'aim_offset_m' => $isAimChecked
                        ? round($target->metres() * tan($this->student->aimBias + 0.006 * $this->random->normal()), 3)
                        : null,
                ],
            ),
            across: $across,
        );
    }

    /** @return array<string, string> how it started, as a gate or the coach's eye tells it */
    private function seen(float $startLine, bool $isGated): array
    {
        $hasGate = $isGated && !$this->day->isByEyeAlone;
        $limit = $hasGate
            ? StartLineTest::gate(
                Length::ofMetres($this->gateWidth),
                Length::ofMetres(self::GATE_DISTANCE),
            )->halfAngle()
            : self::SEEN_BY_EYE;
        $side = $startLine < -$limit ? 'left' : ($startLine > $limit ? 'right' : null);

        return match (true) {
            $hasGate => ['gate' => $side ?? 'through'],
            $this->day->isByGateAlone => [],
            default => ['start' => $side ?? 'on'],
        };
    }

    /** Metres beside the hole to aim, positive right; 0 on level ground, null where no line holds. */
    private function break(Length $target, Grade $along, Grade $across, float $pace): ?float
    {
        if ($across->ratio() === 0.0) {
            return 0.0;
        }
        $putt = sprintf('%.3f %.4f %.4f %.2f', $target->metres(), $along->ratio(), $across->ratio(), $pace);
        if (!array_key_exists($putt, $this->breaks)) {
            $this->breaks[$putt] = (new AimSolver(new Ground($this->speed, $along, $across), $target, $pace))
                ->read()
                ->aimOffset();
        }

        return $this->breaks[$putt];
    }
}
