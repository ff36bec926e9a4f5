<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Device\DeviceScene;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\SetupSheet;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Report\FigureText;
use Amble\Core\Session\Ball;
use Amble\Core\Session\CheckAttempt;
use Amble\Core\Session\Event\BallWriter;
use Amble\Core\Session\Event\SetupCounted;
use Amble\Core\Session\SetupItem;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * A whole session with a simulated student, a step at a time. Every step is found from how far the session has come, so
 * that somebody may take over at any point and hand it back.
 */
final readonly class SessionScript
{
    private const ROLLS_EACH_WAY = 3;
    private const AIMS = 6;
    private const AIM_AT = 2.0;
    private const STATIONS = [2.0, 4.0, 6.0];

    /** Rolled three times each, metres. */
    private const BACKSTROKES = [0.15, 0.22, 0.3];
    private const BALLS_EACH = 3;

    /** How much shorter than meant this student rolls, and to which side the face is aimed, radians. */
    private const SHORT = -0.12;
    private const AIM = -0.012;

    public function __construct(
        private SimulatedGreen $green,
        private DrillRules $drill,
        private string $drillName,
        private int $seed,
    ) {}

    /** Who is simulated: somebody who rolls short and aims left, so that there is something to find. */
    public static function student(): SimulatedStudent
    {
        return SimulatedStudent::ordinary()->changed([
            'lengthBias' => self::SHORT,
            'aimBias' => self::AIM,
            'mishitShare' => 0.0,
        ]);
    }

    /** What comes next; null once the session has ended. */
    public function next(ScriptState $state): ?ScriptStep
    {
        return match (true) {
            $state->isEnded => null,
            $this->isNew('arrive', $state) => new ScriptStep(
                'arrive',
                ScriptScreen::CheckIn,
                'A student arrives. The complaint: long putts finish short. The session shows whether that is true, and why.',
            ),
            !$state->isMeasured && min(count($state->ramp[0]), count($state->ramp[1])) < self::ROLLS_EACH_WAY
                => $this->roll($state),
            count($state->log->stations) < count(self::STATIONS) => $this->station($state),
            $this->aims($state) < self::AIMS => $this->aim($state),
            $state->ballsOutsideDrills() < count(self::BACKSTROKES) * self::BALLS_EACH => $this->ball($state),
            $this->isNew('stroke', $state) => new ScriptStep(
                'stroke',
                ScriptScreen::Review,
                'Nine balls give a curve of backstroke and roll. It shows how sure it is, and marks longer putts as estimated.',
            ),
            $state->drill === null => new ScriptStep(
                'begin',
                ScriptScreen::Putt,
                "Now a drill: $this->drillName. Amble calls each putt, judges each ball by the drill's rule, and counts.",
                begins: true,
            ),
            $this->drill->aid !== null && !$this->isAidSeen($state) => new ScriptStep(
                'aid',
                ScriptScreen::Drill,
                'Check the start line aid from behind first.',
                [['type' => 'set_out_counted', 'item' => 'check', 'name' => SetupSheet::GATE_SEEN, 'count' => 1]],
            ),
            !$state->drill->phase->isOver() => $this->drillBall($state),
            $this->isNew('look', $state) => new ScriptStep('look', ScriptScreen::Review, self::truth()),
            !$state->hasNotes => new ScriptStep(
                'notes',
                ScriptScreen::WrapUp,
                'The result becomes one thing to work on, and a note for next time.',
                notes: [
                    'Long putts finish short: take the putter back a little further, at the same tempo.',
                    'Start with distance; check the aim again before you work on the start line.',
                ],
            ),
            default => new ScriptStep(
                'end',
                ScriptScreen::WrapUp,
                'The session ends. Next time Amble continues from here.',
                ends: true,
            ),
        };
    }

    private function isNew(string $key, ScriptState $state): bool
    {
        return !in_array($key, $state->seen, true);
    }

    private function isAidSeen(ScriptState $state): bool
    {
        return array_filter(
            $state->log->counts,
            static fn(SetupCounted $count): bool => $count->item === SetupItem::Check,
        ) !== [];
    }

    private static function truth(): string
    {
        return sprintf(
            'Review: this simulated student putts %d %% short and aims %s. See what the figures and insights found, and with how many balls.',
            (int) round(-100.0 * self::SHORT),
            FigureText::degrees(self::AIM),
        );
    }

    private function random(string $what, int $number): SeededRandom
    {
        return new SeededRandom(crc32("$this->seed $what $number"));
    }

    private function roll(ScriptState $state): ScriptStep
    {
        [$there, $back] = $state->ramp;
        $isThere = count($there) < self::ROLLS_EACH_WAY;
        [$rolledThere, $rolledBack] = $this->green->rampRolls(1, $this->random('ramp', count($there) + count($back)));
        $rolls = $isThere
            ? [[...$there, round($rolledThere[0], 2)], $back]
            : [$there, [...$back, round($rolledBack[0], 2)]];

        return new ScriptStep(
            sprintf('ramp %d %d', count($there), count($back)),
            ScriptScreen::GreenSpeed,
            $isThere
                ? 'First the green speed: a ramp, three balls along one line.'
                : 'And back along the same line, so that the slope cancels out.',
            ramp: $rolls,
        );
    }

    private function station(ScriptState $state): ScriptStep
    {
        $length = self::STATIONS[count($state->log->stations)];

        return new ScriptStep("station $length", ScriptScreen::Stations, 'Three stations with a tee at each.', [
            [
                'type' => 'station_set',
                'station_id' => sprintf('walk-%02d', count($state->log->stations)),
                'length_m' => $length,
                'said' => rtrim(rtrim(sprintf('%.1f', $length), '0'), '.') . ' m',
                'grade_percent' => null,
                'across_percent' => null,
            ],
        ]);
    }

    private function aims(ScriptState $state): int
    {
        return count(array_filter($state->log->checks, static fn(CheckAttempt $try): bool => $try->kind === 'aim'));
    }

    private function aim(ScriptState $state): ScriptStep
    {
        $made = $this->aims($state);
        $light = new SimulatedAimingLight(self::student(), $this->random('aim', $made));
        $read = $light->read(
            new DeviceScene($this->green->speed, Length::ofMetres(self::AIM_AT), Grade::level(), Grade::level()),
        );

        return new ScriptStep(
            "aim $made",
            ScriptScreen::Aim,
            'Before the stroke: where does the face point? Six attempts show a habit.',
            [
                [
                    'type' => 'check_tried',
                    'check' => 'aim',
                    'student' => null,
                    'answers' => (object) ($read + ['by' => 'simulated', 'break' => 'straight']),
                ],
            ],
        );
    }

    private function ball(ScriptState $state): ScriptStep
    {
        $number = $state->ballsOutsideDrills();
        $backstroke = Length::ofMetres(self::BACKSTROKES[intdiv($number, self::BALLS_EACH)]);
        $putt = self::student()->strike(
            $backstroke,
            $this->green->speed,
            Grade::level(),
            $this->random('ball', $number),
            $this->green->bumps,
        );
        assert($putt !== null);
        $ball = Ball::seen($backstroke, Length::ofMetres($putt->rollMetres), Stop::Free, null, Grade::level());

        return new ScriptStep(
            "ball $number",
            ScriptScreen::Putt,
            sprintf(
                'Three balls from each of three backstrokes, to open ground: %s now.',
                FigureText::small($backstroke->metres()),
            ),
            [BallWriter::event($ball)],
        );
    }

    private function drillBall(ScriptState $state): ScriptStep
    {
        $next = $state->drill->next ?? throw new \LogicException('A drill that is not over has a next ball.');
        $number = $state->drill->balls;
        $ball = (new DrillPlayer(self::student(), $this->green->speed, $this->random('drill', $number)))->ball(
            $this->drill,
            $next,
        );

        return new ScriptStep(
            "drill $number",
            ScriptScreen::Drill,
            sprintf(
                'Ball %d of the drill: from %s.%s',
                $number + 1,
                FigureText::metres($next->lengthMetres),
                $number % 6 === 0 ? ' Take over whenever you like, and tap the lane yourself.' : '',
            ),
            [BallWriter::event($ball)],
        );
    }
}
