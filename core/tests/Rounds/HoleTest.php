<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Rounds;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Rounds\Hole;
use Amble\Core\Rounds\MissSide;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A hole as it was kept is read back; what nobody noted stays unknown. */
final class HoleTest extends TestCase
{
    public function testWhatWasNotedIsReadAndTheRestIsUnknown(): void
    {
        $whole = Hole::read(
            JsonInput::fromArray(
                ['first_m' => 5.5, 'putts' => 3, 'leave_m' => 0.9, 'side' => 'short', 'is_extreme' => true],
                'hole',
            ),
        );
        self::assertSame(
            [5.5, 3, 0.9, MissSide::Short, true, true],
            [
                $whole->first?->metres(),
                $whole->putts,
                $whole->leave?->metres(),
                $whole->side,
                $whole->isExtreme,
                $whole->isThreePutt(),
            ],
        );
        $nothing = Hole::read(JsonInput::fromArray([], 'hole'));
        self::assertSame(
            [null, null, null, null, false, false],
            [
                $nothing->first,
                $nothing->putts,
                $nothing->leave,
                $nothing->side,
                $nothing->isExtreme,
                $nothing->isThreePutt(),
            ],
        );
    }

    /** @param array<string, mixed> $hole */
    #[DataProvider('unusable')]
    public function testWhatCannotBeIsRefusedAtItsField(array $hole, string $field): void
    {
        try {
            Hole::read(JsonInput::fromArray($hole, 'hole'));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame("hole.$field", $refused->field());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unusable(): iterable
    {
        yield 'a length below nothing' => [['first_m' => -1.0], 'first_m'];
        yield 'no length at all' => [['leave_m' => 0.0], 'leave_m'];
        yield 'more putts than anybody counts' => [['putts' => 10], 'putts'];
        yield 'half a putt' => [['putts' => 1.5], 'putts'];
        yield 'a side there is not' => [['side' => 'up'], 'side'];
    }
}
