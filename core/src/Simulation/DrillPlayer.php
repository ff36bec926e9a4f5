<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Direction\StartLineTest;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\CallOut;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\Task;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Roll\Capture;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Event\PuttLogged;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Sight;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Plays a drill from start to end with a simulated student, and logs what a coach would. */
final readonly class DrillPlayer
{
    /** Seconds to set, rehearse, putt and look; and per metre, to walk or fetch. */
    private const SECONDS_A_BALL = 18;
    private const SECONDS_A_METRE = 1.5;

    /** How far past the target a student means to roll, by what is asked, metres. */
    private const MEANT_PAST = 0.25;
    private const LITTLE = 0.3;

    /** A thing standing on the green is struck within this of its middle, metres. */
    private const HALF_OBJECT = 0.055;

    public function __construct(
        private SimulatedStudent $student,
        private GreenSpeed $speed,
        private RandomSource $random,
    ) {
    }

    /** @return array{DrillState, list<PuttLogged>} the state at the end and the balls that led to it */
    public function play(Drill $drill, int $seed): array
    {
        $events = [];
        $at = 0;
        $state = DrillRun::fold($drill, [], $seed);
        while (!$state->phase->isOver() && $state->next !== null) {
            $at += (int) (1000 * (self::SECONDS_A_BALL + self::SECONDS_A_METRE * $state->next->lengthMetres));
            $events[] = new PuttLogged(sprintf('%026d', count($events)), $at, $this->ball($drill, $state->next));
            $state = DrillRun::fold($drill, $events, $seed);
        }

        return [$state, $events];
    }

    private function ball(Drill $drill, CallOut $callOut): Ball
    {
        $target = Length::ofMetres($callOut->lengthMetres);
        $meant = Length::ofMetres($callOut->lengthMetres + $this->meantPast($callOut->task));
        $putt = $this->student->puttTo($meant, $this->speed, $this->speed, Grade::level(), $this->random);
        assert($putt !== null);
        [$past, $aside] = [$putt->rollMetres - $target->metres(), $target->metres() * tan($putt->startLine)];
        $isHoled = $drill->target->canBeHoled() && $past >= 0.0
            && Capture::catches($aside, sqrt(2.0 * $this->speed->deceleration() * $past));

        return Ball::seen(
            Length::ofMetres($putt->backstrokeMetres),
            $isHoled ? null : Length::ofMetres($putt->rollMetres),
            $isHoled ? Stop::Holed : Stop::Free,
            $target,
            Grade::level(),
            sight: Sight::of(
                side: $isHoled ? null : $putt->rollMetres * tan($putt->startLine),
                gate: $this->gate($drill, $putt->startLine),
                call: $drill->isCalledFirst ? $this->student->call($putt, $target, 0.1) : null,
                hit: $drill->target->canBeHit() ? $past >= 0.0 && abs($aside) <= self::HALF_OBJECT : null,
            )->with(['putts_to_finish' => $isHoled ? null : (hypot($past, $aside) < 1.2 ? 1 : 2)]),
        );
    }

    private function meantPast(?Task $task): float
    {
        return match ($task) {
            Task::Past => self::LITTLE,
            Task::Short => -self::LITTLE,
            Task::Exact => 0.0,
            default => self::MEANT_PAST,
        };
    }

    private function gate(Drill $drill, float $startLine): ?GateResult
    {
        $aid = $drill->aid;
        if ($aid === null || $aid->width === null || $aid->distance === null) {
            return null;
        }
        $test = $aid->kind === AidKind::Gate
            ? StartLineTest::gate($aid->width, $aid->distance)
            : StartLineTest::rail($aid->width, $aid->distance);

        return match (true) {
            $startLine < -$test->halfAngle() => GateResult::Left,
            $startLine > $test->halfAngle() => GateResult::Right,
            default => GateResult::Through,
        };
    }
}
