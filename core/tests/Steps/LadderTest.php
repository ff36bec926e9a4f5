<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Steps;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Steps\Ladder;
use Amble\Core\Steps\StepRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LadderTest extends TestCase
{
    /** Balls as text: o passed, x missed; expected is the step after the last one, of four, from step 1. */
    #[DataProvider('runs')]
    public function testStepsAfterARun(string $balls, int $step, int $counted): void
    {
        $ladder = Ladder::of(4, 1);
        foreach (str_split($balls) as $ball) {
            $ladder = $ladder->after($ball === 'o');
        }
        self::assertSame([$step, $counted], [$ladder->step, $ladder->counted()]);
    }

    public function testARuleOfItsOwnMovesTheSameBallsOtherwise(): void
    {
        $after = static fn(string $balls, ?StepRule $rule): int => array_reduce(
            str_split($balls),
            static fn(Ladder $ladder, string $ball): Ladder => $ladder->after($ball === 'o'),
            Ladder::of(4, 1, $rule),
        )->step;
        $rule = StepRule::read(JsonInput::fromArray(['earn' => 9, 'lose' => 7]));
        self::assertSame([2, 1], [$after('xxoooooooo', null), $after('xxoooooooo', $rule)]);
        self::assertSame([1, 0], [$after('xxxooooooo', null), $after('xxxooooooo', $rule)]);
        self::assertSame(2, $after('xooooooooo', $rule));
    }

    /** The same balls cannot earn a step and lose it. */
    public function testAStepIsLostWithFewerThanItIsEarnedWith(): void
    {
        foreach (
            [
                ['earn' => 5, 'lose' => 5, 'at' => 'lose'],
                ['earn' => 11, 'lose' => 5, 'at' => 'earn'],
                ['earn' => 8, 'lose' => -1, 'at' => 'lose'],
            ]
            as $told
        ) {
            try {
                StepRule::read(JsonInput::fromArray(array_diff_key($told, ['at' => 0])));
                self::fail('It was taken.');
            } catch (InvalidInput $refused) {
                self::assertSame($told['at'], $refused->field());
            }
        }
    }

    public function testNobodyBeginsPastTheTightest(): void
    {
        self::assertSame([0, 2, 2], array_map(static fn(int $start): int => Ladder::of(3, $start)->step, [0, 2, 9]));
    }

    /** It says one step however many balls speak for it, and takes it back when the last ten do. */
    public function testWhichWayBallsCallForIsOneStepAtMost(): void
    {
        $due = static fn(string $balls): int => Ladder::due(
            $balls === '' ? [] : array_map(static fn(string $ball): bool => $ball === 'o', str_split($balls)),
        );
        self::assertSame(
            [0, 0, 1, 1, -1, -1],
            array_map($due, ['', 'ooooooooo', 'oooooooooo', str_repeat('o', 60), 'xxxxxooooo', str_repeat('x', 60)]),
        );
        self::assertSame(0, $due('oooooooooo' . 'xxxxxxxxxx'));
        self::assertSame(0, $due('xxxooooooo'));
    }

    /** @return iterable<string, array{string, int, int}> */
    public static function runs(): iterable
    {
        yield 'nine passes move nothing' => ['ooooooooo', 1, 9];
        yield 'ten passes step tighter' => ['oooooooooo', 2, 0];
        yield 'eight of ten are enough' => ['xxoooooooo', 2, 0];
        yield 'seven of ten stay' => ['xxxooooooo', 1, 10];
        yield 'the last ten count, not the first' => ['xxxooooooo' . 'o', 2, 0];
        yield 'five of ten step wider' => ['xxxxxooooo', 0, 0];
        yield 'six of ten stay' => ['xxxxoooooo', 1, 10];
        yield 'the count starts anew' => ['oooooooooo' . 'ooooooooo', 2, 9];
        yield 'the tightest stays' => [str_repeat('o', 40), 3, 10];
        yield 'the widest stays' => [str_repeat('x', 30), 0, 10];
    }
}
