<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Drill\Pass\PassRule;
use Amble\Core\Drill\Pass\PassRules;
use Amble\Core\Drill\Points;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Ball;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Observations;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every pass rule at its edges, on a putt of 5 m. */
final class PassRulesTest extends TestCase
{
    private const LENGTH = 5.0;

    /** @param array<string, mixed> $rule */
    private static function rule(array $rule): PassRule
    {
        return Kinds::shipped()->pass(JsonInput::fromArray($rule, 'pass'));
    }

    private static function free(float $roll, float $side = 0.0, ?GateResult $gate = null, ?bool $hit = null): Ball
    {
        return self::stopped(Stop::Free, $roll, $side, $gate, $hit);
    }

    /** @param array<string, string|bool|int|float|null> $answers */
    private static function stopped(
        Stop $stop,
        ?float $roll,
        float $side = 0.0,
        ?GateResult $gate = null,
        ?bool $hit = null,
        ?float $runOn = null,
        array $answers = [],
    ): Ball {
        return Ball::seen(
            null,
            $roll === null ? null : Length::ofMetres($roll),
            $stop,
            Length::ofMetres(self::LENGTH),
            Grade::level(),
            sight: Observations::of($side, $gate, null, $hit)->with($answers),
            runOn: $runOn === null ? null : Length::ofMetres($runOn),
        );
    }

    private static function on(
        ?BallTask $task = null,
        ?float $step = null,
        ?float $last = null,
        ?float $first = null,
    ): PassContext {
        return new PassContext(Length::ofMetres(self::LENGTH), $task, $step, $last, $first);
    }

    /** @param array<string, mixed> $rule */
    #[DataProvider('balls')]
    public function testABallAtTheRulesEdge(array $rule, Ball $ball, bool $passes, ?PassContext $context = null): void
    {
        self::assertSame(
            $passes,
            self::rule($rule)
                ->acceptance($context ?? self::on())
                ->admits($ball),
        );
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: Ball, 2: bool, 3?: PassContext}> */
    public static function balls(): iterable
    {
        $holed = self::stopped(Stop::Holed, null);

        $share = ['kind' => 'share', 'share' => 0.1];
        yield 'a tenth short' => [$share, self::free(4.5), true];
        yield 'a tenth long' => [$share, self::free(5.5), true];
        yield 'just over a tenth' => [$share, self::free(5.51), false];
        yield 'just over a tenth short' => [$share, self::free(4.49), false];
        yield 'sideways is ignored by a share' => [$share, self::free(5.0, 3.0), true];
        yield 'a share without a figure is a tenth' => [['kind' => 'share'], self::free(4.5), true];
        yield 'a holed ball is inside' => [$share, $holed, true];
        yield 'a step narrows the share' => [$share, self::free(5.3), false, self::on(step: 0.2)];

        yield 'unmeasured is never inside' => [$share, self::stopped(Stop::Unseen, null), false];

        $ring = ['kind' => 'radius', 'radius_m' => 0.5];
        yield 'inside the ring' => [$ring, self::free(5.3, 0.4), true];
        yield 'outside by its corner' => [$ring, self::free(5.4, 0.4), false];
        yield 'short and inside' => [$ring, self::free(4.6, -0.2), true];
        yield 'holed is in the ring' => [$ring, $holed, true];

        $rod = ['kind' => 'between', 'behind_m' => 0.5];
        yield 'at the lip' => [$rod, self::free(5.0), true];
        yield 'short of the lip' => [$rod, self::free(4.99), false];
        yield 'just before the rod' => [$rod, self::free(5.5), true];
        yield 'over the rod' => [$rod, self::free(5.6), false];
        yield 'stopped by the rod' => [$rod, self::stopped(Stop::Rod, 5.5), false];
        yield 'stopped by the rod before the lip' => [$rod, self::stopped(Stop::Rod, 4.9), false];
        yield 'stopped by another ball inside, it would have rolled on' => [
            $share,
            self::stopped(Stop::Ball, 5.0),
            false,
        ];
        yield 'over the edge at the target is not the target' => [$share, self::stopped(Stop::Edge, 5.0), false];
        yield 'cut short, and seen that it would have died there' => [
            $share,
            self::stopped(Stop::Post, 4.9, runOn: 0.1),
            true,
        ];
        yield 'cut short, and seen that it would have run by' => [
            $share,
            self::stopped(Stop::Post, 4.9, runOn: 1.0),
            false,
        ];
        yield 'holed before the rod' => [$rod, $holed, true];

        $past = ['kind' => 'past_only', 'within_m' => 0.6];
        yield 'dying at the hole' => [$past, self::free(5.0), true];
        yield 'a hand short' => [$past, self::free(4.9), false];
        yield 'two feet past' => [$past, self::free(5.6), true];
        yield 'three feet past' => [$past, self::free(5.9), false];

        yield 'unmeasured is not past' => [$past, self::stopped(Stop::Unseen, null), false];
        yield 'unmeasured, through the gate' => [
            ['kind' => 'through_gate'],
            self::stopped(Stop::Unseen, null, gate: GateResult::Through),
            true,
        ];
        yield 'on the line' => [['kind' => 'on_line'], self::free(2.0, gate: GateResult::Through), true];
        yield 'left of the line' => [['kind' => 'on_line'], self::free(5.0, gate: GateResult::Left), false];
        yield 'through and far too long' => [
            ['kind' => 'through_gate'],
            self::free(9.0, gate: GateResult::Through),
            true,
        ];
        yield 'holed round the gate' => [
            ['kind' => 'through_gate'],
            self::stopped(Stop::Holed, null, gate: GateResult::Right),
            false,
        ];
        yield 'holed' => [['kind' => 'holed'], $holed, true];
        yield 'on the lip' => [['kind' => 'holed'], self::free(5.0), false];
        yield 'struck' => [['kind' => 'hit'], self::free(5.0, hit: true), true];
        yield 'passed it by' => [['kind' => 'hit'], self::free(5.0, hit: false), false];
        yield 'nobody saw' => [['kind' => 'hit'], self::free(5.0), false];

        $up = ['kind' => 'short_only', 'within_m' => 0.5];
        yield 'right at the edge' => [$up, self::free(5.0), true];
        yield 'half a metre before it' => [$up, self::free(4.5), true];
        yield 'further before it' => [$up, self::free(4.4), false];
        yield 'over it, however little' => [$up, self::free(5.01), false];
        yield 'over the edge never was at it' => [$up, self::stopped(Stop::Edge, 5.0), false];

        $near = ['kind' => 'hit_or_near', 'radius_m' => 0.9];
        yield 'stopped by the bucket' => [$near, self::stopped(Stop::Target, 5.0), true];
        yield 'beside the bucket' => [$near, self::free(5.5, 0.7), true];
        yield 'too far beside it' => [$near, self::free(5.6, 0.7), false];
        yield 'stopped by something else beside it' => [$near, self::stopped(Stop::Post, 5.0), false];

        $seen = static fn(array $answers): Ball => self::stopped(Stop::Unseen, null, answers: $answers);
        yield 'full on the tee' => [['kind' => 'contact'], $seen(['contact' => 'full']), true];
        yield 'a graze the hole would have taken' => [['kind' => 'contact'], $seen(['contact' => 'graze']), true];
        yield 'past the tee' => [['kind' => 'contact'], $seen(['contact' => 'miss']), false];
        yield 'struck clean' => [['kind' => 'middle'], $seen(['strike' => 'middle']), true];
        yield 'putty on the toe' => [['kind' => 'middle'], $seen(['strike' => 'toe']), false];
        yield 'held' => [['kind' => 'held'], $seen(['held' => true]), true];
        yield 'let go' => [['kind' => 'held'], $seen(['held' => false]), false];
        yield 'nobody watched the finish' => [['kind' => 'held'], $seen([]), false];

        $part = ['kind' => 'hit_gap', 'soft_m' => 0.3, 'firm_m' => 0.9];
        yield 'soft, and close' => [$part, $seen(['hit' => true, 'gap_m' => 0.3]), true, self::on(BallTask::Soft)];
        yield 'soft, and far apart' => [$part, $seen(['hit' => true, 'gap_m' => 0.5]), false, self::on(BallTask::Soft)];
        yield 'firm, and far apart' => [$part, $seen(['hit' => true, 'gap_m' => 0.5]), true, self::on(BallTask::Firm)];
        yield 'firm, and close' => [$part, $seen(['hit' => true, 'gap_m' => 0.2]), false, self::on(BallTask::Firm)];
        yield 'firm, and out of sight' => [
            $part,
            $seen(['hit' => true, 'gap_m' => 1.0]),
            false,
            self::on(BallTask::Firm),
        ];
        yield 'never struck' => [$part, $seen(['hit' => false]), false, self::on(BallTask::Soft)];

        $step = ['kind' => 'level', 'level' => 2];
        $rolled = static fn(float $roll, int $level): Ball => self::stopped(
            Stop::Free,
            $roll,
            answers: ['level' => $level],
        );
        yield 'up on its level' => [$step, $rolled(4.0, 2), true, self::on(BallTask::RehearseBetween)];
        yield 'back down' => [$step, $rolled(2.0, 1), false, self::on(BallTask::RehearseBetween)];
        yield 'told to be too soft, and below' => [$step, $rolled(2.0, 1), true, self::on(BallTask::RehearseSoft)];
        yield 'told to be too soft, and up' => [$step, $rolled(4.0, 2), false, self::on(BallTask::RehearseSoft)];
        yield 'told to be too strong, up and past' => [
            $step,
            $rolled(6.0, 2),
            true,
            self::on(BallTask::RehearseStrong),
        ];
        yield 'told to be too strong, up and not past' => [
            $step,
            $rolled(4.5, 2),
            false,
            self::on(BallTask::RehearseStrong),
        ];

        $alike = ['kind' => 'like_first', 'share' => 0.1];
        yield 'the first of a set is its measure' => [$alike, self::free(1.0), true];
        yield 'as far as the first' => [$alike, self::free(3.3), true, self::on(first: 3.0)];
        yield 'further than the first' => [$alike, self::free(3.4), false, self::on(first: 3.0)];
        yield 'at the length, which is not the first' => [$alike, self::free(5.0), false, self::on(first: 3.0)];
        yield 'nothing is judged' => [['kind' => 'open'], self::free(0.4), true];

        $nearer = ['kind' => 'nearer_than_last'];
        yield 'the first is always nearer' => [$nearer, self::free(1.0), true];
        yield 'nearer' => [$nearer, self::free(5.3), true, self::on(last: 0.4)];
        yield 'as near is not nearer' => [$nearer, self::free(5.4), false, self::on(last: 0.4)];
        yield 'nearer along, further aside' => [$nearer, self::free(5.1, 0.5), false, self::on(last: 0.4)];

        $task = ['kind' => 'task', 'little_m' => 0.5, 'firm_m' => 1.5, 'exact_share' => 0.05];
        yield 'a little past' => [$task, self::free(5.4), true, self::on(BallTask::Past)];
        yield 'more than a little past' => [$task, self::free(5.6), false, self::on(BallTask::Past)];
        yield 'short when past was asked' => [$task, self::free(4.8), false, self::on(BallTask::Past)];
        yield 'a little short' => [$task, self::free(4.6), true, self::on(BallTask::Short)];
        yield 'past when short was asked' => [$task, self::free(5.1), false, self::on(BallTask::Short)];
        yield 'holed when short was asked' => [$task, $holed, false, self::on(BallTask::Short)];
        yield 'told to be firm, and well past' => [$task, self::free(6.4), true, self::on(BallTask::Firm)];
        yield 'told to be firm, and only a little past' => [$task, self::free(5.4), false, self::on(BallTask::Firm)];
        yield 'firmer than firm' => [$task, self::free(6.6), false, self::on(BallTask::Firm)];
        yield 'firm to the drill’s own measure' => [
            ['firm_m' => 0.8] + $task,
            self::free(5.9),
            false,
            self::on(BallTask::Firm),
        ];
        yield 'told to be firm, and holed' => [$task, $holed, true, self::on(BallTask::Firm)];
        yield 'told to be too soft, and far too soft' => [
            $task,
            self::free(2.0),
            true,
            self::on(BallTask::RehearseSoft),
        ];
        yield 'told to be too soft, and there' => [$task, self::free(5.0), false, self::on(BallTask::RehearseSoft)];
        yield 'told to be too soft, and holed' => [$task, $holed, false, self::on(BallTask::RehearseSoft)];
        yield 'told to be too strong, and far too strong' => [
            $task,
            self::free(9.0),
            true,
            self::on(BallTask::RehearseStrong),
        ];
        yield 'told to be too strong, and there' => [$task, self::free(5.0), false, self::on(BallTask::RehearseStrong)];
        yield 'in between is exact' => [$task, self::free(5.3), false, self::on(BallTask::RehearseBetween)];
        yield 'exact' => [$task, self::free(5.25), true, self::on(BallTask::Exact)];
        yield 'not so exact' => [$task, self::free(5.3), false, self::on(BallTask::Exact)];
        yield 'holed is exact' => [$task, $holed, true, self::on(BallTask::Exact)];
    }

    /** @param array<string, mixed> $rule */
    #[DataProvider('words')]
    public function testTheWordForABallIsItsRulesOwn(
        array $rule,
        Ball $ball,
        ?LengthCall $word,
        ?PassContext $context = null,
    ): void {
        self::assertSame(
            $word,
            self::rule($rule)
                ->acceptance($context ?? self::on())
                ->word($ball),
        );
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: Ball, 2: LengthCall|null, 3?: PassContext}> */
    public static function words(): iterable
    {
        $rod = ['kind' => 'between', 'behind_m' => 0.3];
        yield 'a little short of the lip is short, though within a tenth' => [$rod, self::free(4.9), LengthCall::Short];
        yield 'just over the rod is long, though within a tenth' => [$rod, self::free(5.4), LengthCall::Long];
        yield 'between is on' => [$rod, self::free(5.2), LengthCall::On];
        yield 'a step narrows it' => [$rod, self::free(5.2), LengthCall::Long, self::on(step: 0.1)];
        $task = ['kind' => 'task', 'little_m' => 0.5, 'exact_share' => 0.05];
        yield 'told to be past and past is on' => [$task, self::free(5.4), LengthCall::On, self::on(BallTask::Past)];
        yield 'told to be short and on the target is long' => [
            $task,
            self::free(5.0),
            LengthCall::Long,
            self::on(BallTask::Short),
        ];
        yield 'told to be short and holed is long' => [
            $task,
            self::stopped(Stop::Holed, null),
            LengthCall::Long,
            self::on(BallTask::Short),
        ];
        yield 'cut short before its end: nobody knows' => [$rod, self::stopped(Stop::Ball, 4.6), null];
        yield 'cut short beyond it: long' => [$rod, self::stopped(Stop::Post, 5.4), LengthCall::Long];
        yield 'a ring by its length' => [['kind' => 'radius', 'radius_m' => 0.5], self::free(5.6), LengthCall::Long];
        yield 'a gate asks for no length' => [['kind' => 'through_gate'], self::free(2.0), null];
        yield 'the target itself stopped it' => [
            ['kind' => 'hit_or_near', 'radius_m' => 1],
            self::stopped(Stop::Target, 5.0),
            LengthCall::On,
        ];
        yield 'nobody measured it' => [$rod, self::stopped(Stop::Unseen, null), null];
    }

    public function testEachRuleSaysWhichAxisCountsAndWhatItNeeds(): void
    {
        $figures = ['radius' => ['radius_m' => 1], 'between' => ['behind_m' => 1], 'level' => ['level' => 2]];
        $told = [];
        foreach (array_keys(PassRules::all()) as $kind) {
            $rule = self::rule(['kind' => $kind] + ($figures[$kind] ?? []));
            $told[$kind] = [$rule->axis(), $rule->needs()];
        }
        self::assertEquals(
            [
                'share' => [Axis::Length, ['roll_m']],
                'radius' => [Axis::Both, ['roll_m', 'side_m']],
                'between' => [Axis::Length, ['roll_m']],
                'past_only' => [Axis::Length, ['roll_m']],
                'on_line' => [Axis::Line, ['gate']],
                'through_gate' => [Axis::Line, ['gate']],
                'holed' => [Axis::Both, []],
                'hit' => [Axis::Both, ['hit']],
                'nearer_than_last' => [Axis::Both, ['roll_m']],
                'task' => [Axis::Length, ['roll_m']],
                'short_only' => [Axis::Length, ['roll_m']],
                'hit_or_near' => [Axis::Both, ['roll_m']],
                'hit_gap' => [Axis::Both, ['hit', 'gap_m']],
                'contact' => [Axis::Line, ['contact']],
                'middle' => [Axis::Both, ['strike']],
                'held' => [Axis::Both, ['held']],
                'level' => [Axis::Length, ['level', 'roll_m']],
                'like_first' => [Axis::Length, ['roll_m']],
                'open' => [Axis::Length, ['roll_m']],
            ],
            $told,
        );
    }

    #[DataProvider('worths')]
    public function testWhatABallIsWorth(Ball $ball, int $worth): void
    {
        $points = Points::read(
            JsonInput::fromArray(['holed' => 5, 'past' => 2, 'long' => -1, 'short' => -3, 'past_within_m' => 0.5]),
        );
        self::assertSame($worth, $points->of($ball, self::on()));
        self::assertSame([5, 2], [$points->most(canBeHoled: true), $points->most(canBeHoled: false)]);
    }

    /** @return iterable<string, array{Ball, int}> */
    public static function worths(): iterable
    {
        yield 'holed' => [self::stopped(Stop::Holed, null), 5];
        yield 'at the lip' => [self::free(5.0), 2];
        yield 'just past' => [self::free(5.5), 2];
        yield 'long' => [self::free(5.6), -1];
        yield 'short' => [self::free(4.9), -3];
    }
}
