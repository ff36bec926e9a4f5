<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\Equipment\EquipmentItem;
use Amble\Core\Drill\Equipment\EquipmentType;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kit is counted and named, one piece or several. */
final class EquipmentTest extends TestCase
{
    /** @param array<string, mixed> $item */
    #[DataProvider('items')]
    public function testItIsCalledByItsNumber(array $item, string $words, string $name): void
    {
        $read = EquipmentItem::read(JsonInput::fromArray($item, 'kit.0'));
        self::assertSame([$words, $name], [$read->words(), $read->name()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function items(): iterable
    {
        yield 'any number' => [['piece' => 'ball'], 'balls', 'balls'];
        yield 'one' => [['piece' => 'rod', 'count' => 1], 'rod', 'rod'];
        yield 'several' => [['piece' => 'tee', 'count' => 3], '3 tees', 'tees'];
        yield 'for something' => [
            ['piece' => 'tee', 'count' => 8, 'for' => 'the ring'],
            '8 tees for the ring',
            'tees for the ring',
        ];
        yield 'one for something' => [
            ['piece' => 'ball', 'count' => 1, 'for' => 'aiming'],
            'ball for aiming',
            'ball for aiming',
        ];
        yield 'in two words' => [['piece' => 'putty', 'count' => 2], '2 lumps of putty', 'lumps of putty'];
        yield 'of one’s own' => [
            ['piece' => 'other', 'name' => 'beach towel', 'count' => 1],
            'beach towel',
            'beach towel',
        ];
    }

    public function testEveryPieceHasWordsForOneAndForSeveral(): void
    {
        foreach (EquipmentType::cases() as $piece) {
            [$one, $several] = $piece->words();
            self::assertNotSame($one, $several, $piece->value);
        }
    }
}
