<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\CallOut;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\DrillState;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Roll\Capture;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Observations;
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
    public const MEANT_PAST = 0.25;
    private const LITTLE = 0.3;

    /** Struck off the middle, or not held, so often. */
    private const OFF_THE_MIDDLE = 0.15;

    /** A thing standing on the green is struck within this of its middle, metres. */
    private const HALF_OBJECT = 0.055;

    public function __construct(
        private SimulatedStudent $student,
        private GreenSpeed $speed,
        private RandomSource $random,
    ) {}

    /** @return array{DrillState, list<BallLogged>} the state at the end and the balls that led to it */
    public function play(DrillRules $drill, int $seed): array
    {
        $events = [];
        $at = 0;
        $state = DrillRun::fold($drill, [], $seed);
        while (!$state->phase->isOver() && $state->next !== null) {
            $at += (int) (1000 * (self::SECONDS_A_BALL + self::SECONDS_A_METRE * $state->next->lengthMetres));
            $events[] = new BallLogged(sprintf('%026d', count($events)), $at, $this->ball($drill, $state->next));
            $state = DrillRun::fold($drill, $events, $seed);
        }

        return [$state, $events];
    }

    /** One putt of it, as it is called out. */
    public function ball(DrillRules $drill, CallOut $callOut): Ball
    {
        $target = Length::ofMetres($callOut->lengthMetres);
        $putt =
            $callOut->backstroke === null
                ? $this->student->puttTo(
                    Length::ofMetres($callOut->lengthMetres + $this->meantPast($drill, $callOut)),
                    $this->speed,
                    $this->speed,
                    Grade::level(),
                    $this->random,
                )
                : $this->student->strike(
                    Length::ofMetres($callOut->backstroke),
                    $this->speed,
                    Grade::level(),
                    $this->random,
                );
        assert($putt !== null);
        [$past, $aside] = [$putt->rollMetres - $target->metres(), $target->metres() * tan($putt->startLine)];
        $isHoled =
            $drill->target->canBeHoled() &&
            $past >= 0.0 &&
            Capture::catches($aside, sqrt(2.0 * $this->speed->deceleration() * $past));
        $isHit = $drill->target->canBeHit() && $past >= 0.0 && abs($aside) <= self::HALF_OBJECT;
        // Struck, a thing that stands keeps the ball; another ball goes on its way.
        $isKept = $isHit && !in_array('hit', $drill->needs(), true) && in_array('roll_m', $drill->needs(), true);
        $stop = $isHoled ? Stop::Holed : ($isKept ? Stop::Target : Stop::Free);

        return Ball::seen(
            Length::ofMetres($putt->backstrokeMetres),
            match ($stop) {
                Stop::Holed => null,
                Stop::Target => $target,
                default => Length::ofMetres($putt->rollMetres),
            },
            $stop,
            $drill->target === TargetKind::None ? null : $target,
            Grade::level(),
            sight: Observations::of(
                side: $isHoled ? null : $putt->rollMetres * tan($putt->startLine),
                gate: $this->gate($drill, $putt->startLine),
                call: $drill->isCalledFirst ? $this->student->call($putt, $target, 0.1) : null,
                hit: $drill->target->canBeHit() ? $isHit : null,
            )->with(
                $this->answers($drill, $callOut, $putt, $past, $aside) + [
                    'putts_to_finish' => $isHoled ? null : (hypot($past, $aside) < 1.2 ? 1 : 2),
                ],
            ),
        );
    }

    /** @return array<string, string|bool|int|float|null> what a rule wants to be seen, where it does */
    private function answers(DrillRules $drill, CallOut $callOut, SimulatedPutt $putt, float $past, float $aside): array
    {
        $tier = $drill->stations[$callOut->station]->tier;
        $answers = [
            'contact' =>
                $past < 0.0 || abs($aside) > self::HALF_OBJECT
                    ? 'miss'
                    : (abs($aside) > 0.5 * self::HALF_OBJECT
                        ? 'graze'
                        : 'full'),
            'strike' => $putt->isMishit || $this->random->uniform() < self::OFF_THE_MIDDLE ? 'toe' : 'middle',
            'held' => $this->random->uniform() >= self::OFF_THE_MIDDLE,
            'level' => $tier === null || $putt->rollMetres >= $tier->start + $tier->run ? 2 : 1,
            'gap_m' => max(0.0, $past),
        ];

        return array_intersect_key($answers, array_flip($drill->needs()));
    }

    /** How far past the target a student means to roll it, metres. */
    private function meantPast(DrillRules $drill, CallOut $callOut): float
    {
        return match ($callOut->task) {
            BallTask::Past => self::LITTLE,
            BallTask::Firm => 2.0 * self::LITTLE,
            BallTask::Short => -self::LITTLE,
            BallTask::RehearseSoft => -0.45 * $callOut->lengthMetres,
            BallTask::RehearseStrong => 0.3 * $callOut->lengthMetres,
            BallTask::Exact => 0.0,
            // Where a stretch is asked for that lies to one side, its middle is aimed at.
            default => $callOut->acceptance?->rollBetween === null ||
            $callOut->acceptance->holed === null ||
            $drill->target->canBeHoled()
                ? self::MEANT_PAST
                : 0.5 * array_sum($callOut->acceptance->rollBetween) - $callOut->lengthMetres,
        };
    }

    private function gate(DrillRules $drill, float $startLine): ?GateResult
    {
        $aid = $drill->aid;
        if ($aid === null || $aid->width === null || $aid->distance === null) {
            return null;
        }
        $test = $aid->kind->test($aid->width, $aid->distance);

        return match (true) {
            $startLine < -$test->halfAngle() => GateResult::Left,
            $startLine > $test->halfAngle() => GateResult::Right,
            default => GateResult::Through,
        };
    }
}
