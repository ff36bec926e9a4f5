<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Json;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class JsonInputTest extends TestCase
{
    public function testAListOfWordsTakesOnlyThoseThatAreKnown(): void
    {
        $input = JsonInput::parse('{"told":["past","short"],"odd":["past","sideways"],"word":"past","nothing":null}');
        self::assertSame(['past', 'short'], $input->wordsOrNone('told', ['past', 'short', 'firm']));
        self::assertSame([], $input->wordsOrNone('nothing', ['past']));
        self::assertSame([], $input->wordsOrNone('elsewhere', ['past']));
        foreach (['odd' => 'odd.1', 'word' => 'word'] as $field => $at) {
            try {
                $input->wordsOrNone($field, ['past', 'short']);
                self::fail("$field was taken.");
            } catch (InvalidInput $refused) {
                self::assertSame($at, $refused->field());
            }
        }
    }

    /** @param \Closure(JsonInput): mixed $ask */
    #[DataProvider('refusals')]
    public function testWhatIsNotOfTheRightKindIsRefusedAtItsPath(string $json, \Closure $ask, ?string $field): void
    {
        try {
            $ask(JsonInput::parse($json));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($field, $refused->field());
        }
    }

    /** @return iterable<string, array{string, \Closure(JsonInput): mixed, string|null}> */
    public static function refusals(): iterable
    {
        $number = static fn(JsonInput $in): float => $in->number('a');
        yield 'a word for a number' => ['{"a":"1"}', $number, 'a'];
        yield 'true for a number' => ['{"a":true}', $number, 'a'];
        yield 'null for a number' => ['{"a":null}', $number, 'a'];
        yield 'a number beyond all' => ['{"a":1e999}', $number, 'a'];
        yield 'a list for a number' => ['{"a":[1]}', $number, 'a'];
        yield 'deep in a list' => [
            '{"a":[{"b":1},{"b":"x"}]}',
            static fn(JsonInput $in): float => $in->objects('a')[1]->number('b'),
            'a.1.b',
        ];
        yield 'an object for a list' => ['{"a":{"0":1}}', static fn(JsonInput $in): array => $in->numbers('a'), 'a'];
        yield 'a list for an object' => ['{"a":[]}', static fn(JsonInput $in): JsonInput => $in->object('a'), 'a'];
        yield 'one for true' => ['{"a":1}', static fn(JsonInput $in): bool => $in->flagOr('a', false), 'a'];
        yield 'half a whole number' => ['{"a":1.5}', static fn(JsonInput $in): int => $in->wholeNumber('a', 0, 9), 'a'];
        yield 'a whole number too large' => [
            '{"a":10}',
            static fn(JsonInput $in): int => $in->wholeNumber('a', 0, 9),
            'a',
        ];
        yield 'text of nothing' => ['{"a":"  "}', static fn(JsonInput $in): string => $in->text('a', 9), 'a'];
        yield 'text too long' => ['{"a":"0123456789"}', static fn(JsonInput $in): string => $in->text('a', 9), 'a'];
        yield 'a number among texts' => [
            '{"a":["x",2]}',
            static fn(JsonInput $in): array => $in->textsOrNone('a', 9),
            'a.1',
        ];
        yield 'a field nobody knows' => ['{"a":1,"b":2}', static fn(JsonInput $in): JsonInput => $in->only(['a']), 'b'];
        yield 'not JSON' => ['{a:1}', $number, null];
        yield 'a list at the top' => ['[1]', $number, null];
        yield 'nothing' => ['', $number, null];
        yield 'nested without end' => [str_repeat('{"a":', 40) . '1' . str_repeat('}', 40), $number, null];
    }

    public function testMissingAndNullAreTheSameAndDefaultsStandIn(): void
    {
        $in = JsonInput::parse('{"a":null,"n":2,"list":[1,2.5]}');
        self::assertFalse($in->has('a'));
        self::assertNull($in->numberOrNull('a'));
        self::assertSame([7.0, 2.0], [$in->numberOr('zzz', 7.0), $in->numberOr('n', 7.0)]);
        self::assertSame([[1.0, 2.5], []], [$in->numbersOrNone('list'), $in->numbersOrNone('a')]);
        self::assertSame(
            ['x.3', 'x.3.y'],
            [JsonInput::fromArray([], 'x.3')->here(), JsonInput::fromArray([], 'x.3')->path('y')],
        );
    }
}
