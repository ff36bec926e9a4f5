<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Simulation;

use Amble\Core\Drill\CardReader;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\SessionLog;
use Amble\Core\Simulation\SimulatedGreen;
use Amble\Core\Simulation\WalkAlong;
use Amble\Core\Simulation\WalkPlace;
use Amble\Core\Simulation\WalkState;
use Amble\Core\Simulation\WalkStep;
use Amble\Core\Units\Grade;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A walk along comes to its end from wherever it is taken up, whichever drill it tries. */
final class WalkAlongTest extends TestCase
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

        self::assertSame(array_column(WalkPlace::cases(), 'value'), array_values(array_unique(array_map(static fn(WalkPlace $place): string => $place->value, self::inOrder($places)))));
        self::assertTrue($this->drillState($drill)->phase->isOver());
        self::assertCount(3, $this->ramp[1]);
    }

    /** @return iterable<string, array{string}> */
    public static function drills(): iterable
    {
        foreach (['never-twice', 'closing-gate', 'loose-tees', 'toe-and-heel', 'round-the-hole', 'three-backstrokes'] as $key) {
            yield $key => [$key];
        }
    }

    public function testTheSameStateHasTheSameNextStepAndWhatSomebodyElseDidIsNotDoneAgain(): void
    {
        $drill = self::drill('never-twice');
        while (($step = $this->walk($drill)->next($this->state($drill))) !== null && $step->place !== WalkPlace::Roll) {
            self::assertEquals($step, $this->walk($drill)->next($this->state($drill)));
            $this->do($step);
        }
        self::assertSame('ball 0', $step?->key);
        // Somebody takes over for five balls.
        for ($i = 0; $i < 5; ++$i) {
            $this->log(['type' => 'putt_logged', 'version' => 2, 'backstroke_m' => 0.2, 'roll_m' => 3.0, 'stop' => 'free', 'seen' => (object) []]);
        }
        self::assertSame('ball 5', $this->walk($drill)->next($this->state($drill))?->key);
    }

    private function walk(Drill $drill): WalkAlong
    {
        return new WalkAlong(new SimulatedGreen(GreenSpeed::ofFeet(9.4), Grade::ofPercent(0.5), 0.02), $drill, 'A drill', 7);
    }

    private function state(Drill $drill): WalkState
    {
        return new WalkState(SessionLog::fold($this->events), $this->ramp, false, $this->isBegun ? $this->drillState($drill) : null, $this->hasNotes, $this->isEnded, $this->seen);
    }

    private function drillState(Drill $drill): \Amble\Core\Drill\DrillState
    {
        return DrillRun::ofPutts($drill, SessionLog::fold($this->events)->ofRun('R')->putts, 3);
    }

    private function do(WalkStep $step): void
    {
        foreach ($step->events as $event) {
            $this->log($event + ($step->place === WalkPlace::Drill ? ['run_id' => 'R'] : []));
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
        $read = EventReader::arriving(JsonInput::fromArray($event + ['id' => sprintf('%026d', $number), 'at_ms' => 1_763_000_000_000 + 1000 * $number]));
        self::assertInstanceOf(SessionEvent::class, $read);
        $this->events[] = $read;
    }

    /**
     * @param list<WalkPlace> $places
     *
     * @return list<WalkPlace> as the waypoints follow each other
     */
    private static function inOrder(array $places): array
    {
        $order = WalkPlace::cases();
        usort($places, static fn(WalkPlace $a, WalkPlace $b): int => array_search($a, $order, true) <=> array_search($b, $order, true));

        return $places;
    }

    private static function drill(string $key): Drill
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json'), true, 64, JSON_THROW_ON_ERROR);
        $found = array_values(array_filter($library['drills'], static fn(array $drill): bool => $drill['key'] === $key));

        return CardReader::read(JsonInput::parse(json_encode($found[0], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)))->rules;
    }
}
