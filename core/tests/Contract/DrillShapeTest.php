<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Contract;

use Amble\Core\Contract\DrillShape;
use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Json\JsonInput;
use Amble\Core\Tests\Drill\DrillTestCase;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;

/** What the core says of a drill, as the screens get it. */
final class DrillShapeTest extends DrillTestCase
{
    public function testZonesAreOfEachStationEachTaskAndTheStepItBeginsAt(): void
    {
        $zones = DrillShape::toArray(
            self::card(['tasks' => ['past', 'short', 'past'], 'pass' => ['kind' => 'task', 'little_m' => 0.5]]),
        )['zones'];
        self::assertSame(
            [[4.0, 'past'], [4.0, 'short'], [6.0, 'past'], [6.0, 'short']],
            array_map(static fn(array $zone): array => [$zone['length_m'], $zone['task']], $zones),
        );
        self::assertFalse($zones[1]['passes_if']['holed']);
        $stepped = [
            'target' => 'rail',
            'pass' => ['kind' => 'between', 'behind_m' => 0.8],
            'steps_m' => [0.8, 0.5, 0.3],
        ];
        $behind = static fn(array $more): float => DrillShape::toArray(self::card($more + $stepped))['zones'][0][
            'passes_if'
        ]['roll_m'][1] - 4.0;
        self::assertEqualsWithDelta([0.8, 0.3], [$behind([]), $behind(['start_step' => 2])], 1e-9);
        $drawn = DrillShape::toArray(self::card(['stations' => [['from_m' => 2, 'to_m' => 5]]]))['zones'];
        self::assertSame([2.0, 5.0], array_column($drawn, 'length_m'));
    }

    public function testWhatIsAskedIsWhatTheRuleNeedsAndThenWhatTheDrillWants(): void
    {
        $shape = DrillShape::toArray(
            self::card(['asks' => ['backstroke_m', 'roll_m', 'strike'], 'call_first' => true]),
        );
        self::assertSame(['roll_m', 'call'], $shape['needs']);
        self::assertSame(['roll_m', 'call', 'backstroke_m', 'strike'], $shape['asks']);
        self::assertSame(
            ['Distance from the target', 'How many passed'],
            $shape['finds'],
            'where it does not say, by what it looks at',
        );
        self::assertFalse(
            DrillShape::toArray(self::card(['target' => 'none', 'pass' => ['kind' => 'open']]))['judges'],
        );
    }

    /**
     * @param array<string, mixed> $rule
     * @param array<string, mixed> $conditions those that are not as usual
     */
    #[DataProvider('conditions')]
    public function testWhatPassesAsPlainConditions(array $rule, array $conditions, ?BallTask $task = null): void
    {
        $pass = Kinds::shipped()->pass(JsonInput::fromArray($rule, 'pass'));
        $context = new PassContext(Length::ofMetres(5.0), $task, firstRoll: 3.0);
        $usual = [
            'holed' => null,
            'only_holed' => false,
            'roll_m' => null,
            'ring_m' => null,
            'struck' => false,
            'seen' => [],
        ];
        self::assertEqualsWithDelta(
            $conditions + $usual,
            ReplayComputation::acceptance($pass->acceptance($context)),
            1e-9,
        );
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: array<string, mixed>, 2?: BallTask}> */
    public static function conditions(): iterable
    {
        $seen = static fn(string $name, ?array $oneOf, ?array $between = null): array => [
            'name' => $name,
            'one_of' => $oneOf,
            'between' => $between,
        ];
        yield 'a share' => [['kind' => 'share'], ['holed' => true, 'roll_m' => [4.5, 5.5]]];
        yield 'up to it' => [['kind' => 'short_only', 'within_m' => 0.4], ['holed' => true, 'roll_m' => [4.6, 5.0]]];
        yield 'a ring' => [['kind' => 'radius', 'radius_m' => 0.9], ['holed' => true, 'ring_m' => [5.0, 0.9]]];
        yield 'struck or near' => [
            ['kind' => 'hit_or_near', 'radius_m' => 0.9],
            ['struck' => true, 'ring_m' => [5.0, 0.9]],
        ];
        yield 'holed' => [['kind' => 'holed'], ['holed' => true, 'only_holed' => true]];
        yield 'a gate' => [['kind' => 'through_gate'], ['seen' => [$seen('gate', ['through'])]]];
        yield 'a tee' => [['kind' => 'contact'], ['seen' => [$seen('contact', ['full', 'graze'])]]];
        yield 'soft' => [
            ['kind' => 'hit_gap', 'soft_m' => 0.3, 'firm_m' => 0.9],
            ['seen' => [$seen('hit', [true]), $seen('gap_m', null, [0.0, 0.3])]],
            BallTask::Soft,
        ];
        yield 'a level' => [
            ['kind' => 'level', 'level' => 2],
            ['holed' => true, 'roll_m' => [0.0, 5.75], 'seen' => [$seen('level', [2])]],
        ];
        yield 'too soft for it' => [
            ['kind' => 'level', 'level' => 2],
            ['holed' => false, 'seen' => [$seen('level', null, [0.0, 1.0])]],
            BallTask::RehearseSoft,
        ];
        yield 'like the first' => [['kind' => 'like_first', 'share' => 0.1], ['holed' => true, 'roll_m' => [2.7, 3.3]]];
        yield 'nothing judged' => [['kind' => 'open'], []];
    }
}
