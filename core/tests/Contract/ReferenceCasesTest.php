<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Contract;

use Amble\Core\Contract\Kind;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cases computed by other software, each with its own tolerances. */
final class ReferenceCasesTest extends TestCase
{
    /** @param array<string, mixed> $case */
    #[DataProvider('cases')]
    public function testTheCoreAgrees(Kind $kind, array $case): void
    {
        $input = json_encode($case['input'], JSON_THROW_ON_ERROR);
        if (isset($case['expect_error'])) {
            try {
                $kind->computation()->answer(JsonInput::parse($input));
                self::fail('The input was taken.');
            } catch (InvalidInput $refused) {
                self::assertSame($case['expect_error']['field'], $refused->field());
            }

            return;
        }
        self::assertAgrees(
            $case['expect'],
            $kind->computation()->answer(JsonInput::parse($input)),
            $case['tolerance'],
            '',
        );
    }

    /** @return iterable<string, array{Kind, array<string, mixed>}> */
    public static function cases(): iterable
    {
        foreach ((array) glob(dirname(__DIR__) . '/reference/*.json') as $file) {
            $set = json_decode((string) file_get_contents((string) $file), true, 64, JSON_THROW_ON_ERROR);
            foreach ($set['cases'] as $i => $case) {
                yield "{$set['kind']} $i: {$case['name']}" => [Kind::from($set['kind']), $case];
            }
        }
    }

    /** @param array<string, mixed> $tolerance */
    private static function assertAgrees(mixed $expected, mixed $actual, array $tolerance, string $field): void
    {
        if (is_array($expected)) {
            self::assertIsArray($actual, $field);
            if (array_is_list($expected)) {
                self::assertCount(count($expected), $actual, $field);
            }
            foreach ($expected as $key => $value) {
                self::assertArrayHasKey($key, $actual);
                self::assertAgrees($value, $actual[$key], $tolerance, is_int($key) ? $field : $key);
            }
        } elseif (is_float($expected) || is_int($expected)) {
            $allowed = $tolerance['field'][$field] ?? $tolerance['default'];
            self::assertIsNumeric($actual, $field);
            self::assertEqualsWithDelta(
                $expected,
                $actual,
                max($allowed['abs'], $allowed['rel'] * abs($expected)),
                $field,
            );
        } else {
            self::assertSame($expected, $actual, $field);
        }
    }
}
