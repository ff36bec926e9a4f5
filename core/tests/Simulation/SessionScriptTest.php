<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Simulation;

use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\SessionLog;
use Amble\Core\Simulation\ScriptScreen;
use Amble\Core\Simulation\ScriptState;
use Amble\Core\Simulation\ScriptStep;
use Amble\Core\Simulation\SessionScript;
use Amble\Core\Simulation\SimulatedGreen;
use Amble\Core\Units\Grade;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A walk along comes to its end from wherever it is taken up, whichever drill it tries. */
final class SessionScriptTest extends TestCase
{
    /** @var list<SessionEvent> */
    private array $events = [];

    /** @var array{list<float>, list<float>} */
    private array $ramp = [[], []];

    /** @var list<string> */
    private array $seen = [];

    private bool $isBegun = false;
    private bool $hasNotes = false;
    private bool $isEnded = false;

    #[DataProvider('drills')]
    public function testItComesToItsEndWithWhateverDrill(string $key): void
    {
        $drill = self::drill($key);
        $places = [];
        for ($steps = 0; ($step = $this->walk($drill)->next($this->state($drill))) !== null; ++$steps) {
            self::assertLessThan(400, $steps);
            $places[] = $step->place;
            $this->do($step);
        }

        self::assertSame(
            array_column(ScriptScreen::cases(), 'value'),
            array_values(
                array_unique(
                    array_map(static fn(ScriptScreen $place): string => $place->value, self::inOrder($places)),
                ),
            ),
        );
        self::assertTrue($this->drillState($drill)->phase->isOver());
        self::assertCount(3, $this->ramp[1]);
    }

    /** @return iterable<string, array{string}> */
    public static function drills(): iterable
    {
        foreach (
            ['never-twice', 'closing-gate', 'loose-tees', 'toe-and-heel', 'round-the-hole', 'three-backstrokes']
            as $key
        ) {
            yield $key => [$key];
        }
    }

    public function testTheSameStateHasTheSameNextStepAndWhatSomebodyElseDidIsNotDoneAgain(): void
    {
        $drill = self::drill('never-twice');
        while (
            ($step = $this->walk($drill)->next($this->state($drill))) !== null &&
            $step->place !== ScriptScreen::Putt
        ) {
            self::assertEquals($step, $this->walk($drill)->next($this->state($drill)));
            $this->do($step);
        }
        self::assertSame('ball 0', $step?->key);
        // Somebody takes over for five balls.
        for ($i = 0; $i < 5; ++$i) {
            $this->log([
                'type' => 'putt_logged',
                'version' => 2,
                'backstroke_m' => 0.2,
                'roll_m' => 3.0,
                'stop' => 'free',
                'seen' => (object) [],
            ]);
        }
        self::assertSame('ball 5', $this->walk($drill)->next($this->state($drill))?->key);
    }

    private function walk(DrillRules $drill): SessionScript
    {
        return new SessionScript(
            new SimulatedGreen(GreenSpeed::ofFeet(9.4), Grade::ofPercent(0.5), 0.02),
            $drill,
            'A drill',
            7,
        );
    }

    private function state(DrillRules $drill): ScriptState
    {
        return new ScriptState(
            SessionLog::fold($this->events),
            $this->ramp,
            false,
            $this->isBegun ? $this->drillState($drill) : null,
            $this->hasNotes,
            $this->isEnded,
            $this->seen,
        );
    }

    private function drillState(DrillRules $drill): \Amble\Core\Drill\DrillState
    {
        return DrillRun::ofPutts($drill, SessionLog::fold($this->events)->ofRun('R')->putts, 3);
    }

    private function do(ScriptStep $step): void
    {
        foreach ($step->events as $event) {
            $this->log($event + ($step->place === ScriptScreen::Drill ? ['run_id' => 'R'] : []));
        }
        $this->ramp = $step->ramp ?? $this->ramp;
        $this->isBegun = $this->isBegun || $step->begins;
        $this->hasNotes = $this->hasNotes || $step->notes !== null;
        $this->isEnded = $step->ends;
        if ($step->events === [] && $step->ramp === null) {
            $this->seen[] = $step->key;
        }
    }

    /** @param array<string, mixed> $event */
    private function log(array $event): void
    {
        $number = count($this->events);
        $read = EventReader::arriving(
            JsonInput::fromArray(
                $event + ['id' => sprintf('%026d', $number), 'at_ms' => 1_763_000_000_000 + 1000 * $number],
            ),
        );
        self::assertInstanceOf(SessionEvent::class, $read);
        $this->events[] = $read;
    }

    /**
     * @param list<ScriptScreen> $places
     *
     * @return list<ScriptScreen> as the steps follow each other
     */
    private static function inOrder(array $places): array
    {
        $order = ScriptScreen::cases();
        usort(
            $places,
            static fn(ScriptScreen $a, ScriptScreen $b): int => array_search($a, $order, true) <=>
                array_search($b, $order, true),
        );

        return $places;
    }

    private static function drill(string $key): DrillRules
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        $found = array_values(
            array_filter($library['drills'], static fn(array $drill): bool => $drill['key'] === $key),
        );

        return DrillReader::read(
            JsonInput::parse(json_encode($found[0], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
        )->rules;
    }
}
