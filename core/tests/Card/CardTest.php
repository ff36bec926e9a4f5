<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Card;

use Amble\Core\Card\Card;
use Amble\Core\Card\CardLook;
use Amble\Core\Card\Point;
use Amble\Core\Card\SeenPoint;
use Amble\Core\Card\ShippedCards;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\PointSight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CardTest extends TestCase
{
    public function testEveryShippedCardCanBeKeptAsACoachsOwn(): void
    {
        foreach (ShippedCards::all() as $key => $card) {
            self::assertEquals($card, Card::read($key, self::input($card->toArray())));
        }
        self::assertCount(7, array_filter(array_keys(ShippedCards::all()), static fn(string $key): bool => str_starts_with($key, 'routine_')));
    }

    /** @param array<string, mixed> $given */
    #[DataProvider('unusable')]
    public function testACardThatIsNoneIsRefusedAtItsField(string $field, array $given): void
    {
        try {
            Card::read('own', self::input($given + ['kind' => 'set_up', 'title' => 'Mine', 'points' => [['key' => 'a', 'text' => 'A']]]));
            self::fail('It was taken.');
        } catch (InvalidInput $refusal) {
            self::assertSame($field, $refusal->field());
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function unusable(): iterable
    {
        yield 'no title' => ['title', ['title' => ' ']];
        yield 'no kind of card' => ['kind', ['kind' => 'poster']];
        yield 'no points' => ['points', ['points' => []]];
        yield 'too many' => ['points', ['points' => array_map(static fn(int $i): array => ['key' => "p$i", 'text' => 'A'], range(1, 21))]];
        yield 'two of one key' => ['points.1.key', ['points' => [['key' => 'a', 'text' => 'A'], ['key' => 'a', 'text' => 'B']]]];
        yield 'a point of no words' => ['points.0.text', ['points' => [['key' => 'a', 'text' => '']]]];
        yield 'more often than one does' => ['points.0.times', ['points' => [['key' => 'a', 'text' => 'A', 'times' => 21]]]];
    }

    public function testTheLastLookCountsWithTheOneBeforeAndItsAttentionIsSaid(): void
    {
        $card = ShippedCards::all()['stance'];
        $seen = static fn(string $point, PointSight $sight, string $session, ?string $word = null): SeenPoint => new SeenPoint('stance', $point, $sight, $word, $session, 1);
        $look = CardLook::of($card, [
            $seen('hang', PointSight::Attention, 'A'), $seen('hang', PointSight::Good, 'B'),
            $seen('hinge', PointSight::Good, 'A'), $seen('hinge', PointSight::Attention, 'B', 'upright'),
            new SeenPoint('mirror', 'shoulders', PointSight::Attention, null, 'B', 1),
        ]);
        self::assertSame([PointSight::Good, PointSight::Attention], [$look->last('hang')?->sight, $look->before('hang')]);
        self::assertNull($look->last('shoulders'));
        self::assertSame(['Hinge at the hips; the club keeps its gap to the chest: upright'], $look->attention());
    }

    public function testASchoolThatDoesNotLookAtTheFeetIsNotAskedAboutThem(): void
    {
        $keys = static fn(Card $card): array => array_map(static fn(Point $point): string => $point->key, $card->points);
        self::assertSame(['hang', 'chest', 'shoulders', 'hinge'], $keys(ShippedCards::all()['stance']->withoutFeet()));
        self::assertSame($keys(ShippedCards::all()['grip']), $keys(ShippedCards::all()['grip']->withoutFeet()));
    }

    /** @param array<string, mixed> $given */
    private static function input(array $given): JsonInput
    {
        return JsonInput::parse(json_encode($given, JSON_THROW_ON_ERROR));
    }
}
