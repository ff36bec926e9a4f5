<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Card;

use Amble\Core\Card\BuiltInChecklists;
use Amble\Core\Card\Checklist;
use Amble\Core\Card\ChecklistPoint;
use Amble\Core\Card\ChecklistReport;
use Amble\Core\Card\PointInSession;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\PointAnswer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ChecklistTest extends TestCase
{
    public function testEveryShippedCardCanBeKeptAsACoachsOwn(): void
    {
        foreach (BuiltInChecklists::all() as $key => $card) {
            self::assertEquals($card, Checklist::read($key, self::input($card->toArray())));
        }
        self::assertCount(
            7,
            array_filter(
                array_keys(BuiltInChecklists::all()),
                static fn(string $key): bool => str_starts_with($key, 'routine_'),
            ),
        );
    }

    /** @param array<string, mixed> $given */
    #[DataProvider('unusable')]
    public function testACardThatIsNoneIsRefusedAtItsField(string $field, array $given): void
    {
        try {
            Checklist::read(
                'own',
                self::input(
                    $given + ['kind' => 'set_up', 'title' => 'Mine', 'points' => [['key' => 'a', 'text' => 'A']]],
                ),
            );
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
        yield 'too many' => [
            'points',
            ['points' => array_map(static fn(int $i): array => ['key' => "p$i", 'text' => 'A'], range(1, 21))],
        ];
        yield 'two of one key' => [
            'points.1.key',
            ['points' => [['key' => 'a', 'text' => 'A'], ['key' => 'a', 'text' => 'B']]],
        ];
        yield 'a point of no words' => ['points.0.text', ['points' => [['key' => 'a', 'text' => '']]]];
        yield 'more often than one does' => [
            'points.0.times',
            ['points' => [['key' => 'a', 'text' => 'A', 'times' => 21]]],
        ];
    }

    public function testTheLastLookCountsWithTheOneBeforeAndItsAttentionIsSaid(): void
    {
        $card = BuiltInChecklists::all()['stance'];
        $seen = static fn(
            string $point,
            PointAnswer $sight,
            string $session,
            ?string $word = null,
        ): PointInSession => new PointInSession('stance', $point, $sight, $word, $session, 1);
        $look = ChecklistReport::of($card, [
            $seen('hang', PointAnswer::Attention, 'A'),
            $seen('hang', PointAnswer::Good, 'B'),
            $seen('hinge', PointAnswer::Good, 'A'),
            $seen('hinge', PointAnswer::Attention, 'B', 'upright'),
            new PointInSession('mirror', 'shoulders', PointAnswer::Attention, null, 'B', 1),
        ]);
        self::assertSame(
            [PointAnswer::Good, PointAnswer::Attention],
            [$look->last('hang')?->sight, $look->before('hang')],
        );
        self::assertNull($look->last('shoulders'));
        self::assertSame(['Bend at the hips; the club keeps its distance from the chest: upright'], $look->attention());
    }

    public function testAPreferenceThatDoesNotLookAtTheFeetIsNotAskedAboutThem(): void
    {
        $keys = static fn(Checklist $card): array => array_map(
            static fn(ChecklistPoint $point): string => $point->key,
            $card->points,
        );
        self::assertSame(
            ['hang', 'chest', 'shoulders', 'hinge'],
            $keys(BuiltInChecklists::all()['stance']->withoutFeet()),
        );
        self::assertSame(
            $keys(BuiltInChecklists::all()['grip']),
            $keys(BuiltInChecklists::all()['grip']->withoutFeet()),
        );
    }

    /** @param array<string, mixed> $given */
    private static function input(array $given): JsonInput
    {
        return JsonInput::parse(json_encode($given, JSON_THROW_ON_ERROR));
    }
}
