<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Drill\Pass\PassChances;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Drill\Points;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Roll\Capture;
use Amble\Core\Session\Ball;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Observations;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;

/** A chance in closed form is the share of many balls rolled at random and judged by the very rule. */
final class SkillTest extends DrillTestCase
{
    private const BALLS = 6_000;
    private const BIAS = 0.02;
    private const PAST = 0.2;
    private const SPREAD = 0.09;
    private const LINE = 0.004;
    private const LINE_SPREAD = 0.025;

    private static function skill(): PassChances
    {
        return new PassChances(
            self::BIAS,
            self::SPREAD,
            self::LINE,
            self::LINE_SPREAD,
            GreenSpeed::ofFeet(9.5),
            self::PAST,
        );
    }

    /** Ball after ball of a student with just that skill. */
    private static function rolledAt(PassContext $context, SeededRandom $random, ?float $aimedAt = null): Ball
    {
        $length = $context->length->metres();
        $mean = $aimedAt === null ? $length * (1.0 + self::BIAS) + self::PAST : $length + $aimedAt;
        $roll = $mean * exp(self::SPREAD * $random->normal() - 0.5 * self::SPREAD ** 2);
        $line = self::LINE + self::LINE_SPREAD * $random->normal();
        $past = $roll - $length;
        $isHoled =
            $context->canBeHoled &&
            $past >= 0.0 &&
            Capture::catches($length * tan($line), sqrt(2.0 * GreenSpeed::ofFeet(9.5)->deceleration() * $past));

        return Ball::seen(
            null,
            $isHoled ? null : Length::ofMetres($roll),
            $isHoled ? Stop::Holed : Stop::Free,
            $context->length,
            Grade::level(),
            sight: Observations::of(
                side: $isHoled ? null : $roll * tan($line),
                gate: $context->aidHalfAngle === null
                    ? null
                    : (abs($line) <= $context->aidHalfAngle
                        ? GateResult::Through
                        : GateResult::Right),
            ),
        );
    }

    /** @param array<string, mixed> $rule */
    #[DataProvider('cases')]
    public function testTheChanceIsTheShareOfManyBalls(array $rule, PassContext $context, ?float $aimedAt = null): void
    {
        $pass = Kinds::shipped()->pass(JsonInput::fromArray($rule, 'pass'));
        $random = new SeededRandom(5);
        $passed = 0;
        for ($i = 0; $i < self::BALLS; ++$i) {
            $passed += $pass->acceptance($context)->admits(self::rolledAt($context, $random, $aimedAt)) ? 1 : 0;
        }
        $share = $passed / self::BALLS;
        self::assertGreaterThan(0.03, $share, 'the case tells something');
        self::assertLessThan(0.99, $share, 'the case tells something');
        // Three standard errors of so many balls.
        self::assertEqualsWithDelta(
            $share,
            (float) $pass->chance($context, self::skill()),
            3.0 * sqrt(($share * (1.0 - $share)) / self::BALLS) + 1e-3,
        );
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: PassContext, 2?: float}> */
    public static function cases(): iterable
    {
        $at = static fn(
            float $metres,
            bool $hole = true,
            ?BallTask $task = null,
            ?float $half = null,
        ): PassContext => new PassContext(Length::ofMetres($metres), $task, aidHalfAngle: $half, canBeHoled: $hole);
        yield 'a tenth of 3 m at a hole' => [['kind' => 'share', 'share' => 0.1], $at(3.0)];
        yield 'a tenth of 8 m to an edge' => [['kind' => 'share', 'share' => 0.1], $at(8.0, false)];
        yield 'past, not far' => [['kind' => 'past_only', 'within_m' => 0.4], $at(4.0)];
        yield 'up to an edge' => [['kind' => 'short_only', 'within_m' => 0.6], $at(4.0, false)];
        yield 'lip and rod' => [['kind' => 'between', 'behind_m' => 0.5], $at(2.0)];
        yield 'a ring around a hole' => [['kind' => 'radius', 'radius_m' => 0.9], $at(7.0)];
        yield 'a ring on open ground' => [['kind' => 'radius', 'radius_m' => 0.6], $at(7.0, false)];
        yield 'holed from near' => [['kind' => 'holed'], $at(1.0)];
        yield 'holed from further' => [['kind' => 'holed'], $at(2.5)];
        yield 'through a gate' => [['kind' => 'through_gate'], $at(2.0, true, null, 0.02)];
        yield 'told a little past' => [['kind' => 'task', 'little_m' => 0.6], $at(4.0, true, BallTask::Past), 0.3];
        yield 'told a little short' => [['kind' => 'task', 'little_m' => 0.6], $at(4.0, true, BallTask::Short), -0.3];
        yield 'told to be exact' => [['kind' => 'task', 'exact_share' => 0.06], $at(5.0, true, BallTask::Exact), 0.0];
    }

    public function testWhatABallBringsIsTheMeanOfManyBalls(): void
    {
        $points = Points::read(
            JsonInput::fromArray(['holed' => 3, 'past' => 1, 'long' => -1, 'short' => -2, 'past_within_m' => 0.5]),
        );
        foreach ([1.5, 4.0, 8.0] as $metres) {
            $context = new PassContext(Length::ofMetres($metres), canBeHoled: true);
            $random = new SeededRandom(9);
            $sum = 0;
            for ($i = 0; $i < self::BALLS; ++$i) {
                $sum += $points->of(self::rolledAt($context, $random), $context);
            }
            $foretold = array_sum(
                array_map(
                    static fn(array $bring): float => $bring[0] * $bring[1],
                    (array) $points->chances($context, self::skill()),
                ),
            );
            self::assertEqualsWithDelta($sum / self::BALLS, $foretold, 0.08, "$metres m");
        }
    }

    public function testWhereEvidenceIsMissingNoChanceIsTold(): void
    {
        $context = new PassContext(Length::ofMetres(3.0), aidHalfAngle: 0.02, canBeHoled: true);
        $pass = static fn(string $kind): mixed => Kinds::shipped()->pass(
            JsonInput::fromArray(['kind' => $kind, 'radius_m' => 0.5] + [], 'pass'),
        );
        $length = new PassChances(0.0, 0.1, null, null);
        $line = new PassChances(null, null, 0.0, 0.02);
        self::assertNull(
            Kinds::shipped()->pass(JsonInput::fromArray(['kind' => 'holed'], 'pass'))->chance($context, $length),
        );
        self::assertNull(
            Kinds::shipped()->pass(JsonInput::fromArray(['kind' => 'share'], 'pass'))->chance($context, $line),
        );
        self::assertNull(
            Kinds::shipped()->pass(JsonInput::fromArray(['kind' => 'through_gate'], 'pass'))->chance($context, $length),
        );
        self::assertNull($pass('radius')->chance($context, $length));
        foreach (['middle', 'held', 'contact', 'nearer_than_last', 'like_first'] as $kind) {
            self::assertNull(
                Kinds::shipped()
                    ->pass(JsonInput::fromArray(['kind' => $kind], 'pass'))
                    ->chance($context, self::skill()),
                $kind,
            );
        }
    }
}
