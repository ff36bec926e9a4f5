<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\DrillReader;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** The schema that ships and the reader that judges: what the reader takes, the schema never refuses. */
final class SchemaAgreesTest extends DrillTestCase
{
    private const CHANGES = 40;

    private static ?Validator $validator = null;

    /** @param array<string, mixed> $drill */
    private static function isOfSchema(array $drill): bool
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 2) . '/drills/drill.schema.json');
        $library = json_decode(
            json_encode(['format' => 'amble-drills', 'version' => 2, 'drills' => [$drill]], JSON_THROW_ON_ERROR),
            false,
            64,
            JSON_THROW_ON_ERROR,
        );

        return (self::$validator ??= new Validator())->validate($library, $schema)->isValid();
    }

    /** @param array<string, mixed> $drill */
    private static function isRead(array $drill): bool
    {
        try {
            DrillReader::read(JsonInput::parse(json_encode($drill, JSON_THROW_ON_ERROR)));

            return true;
        } catch (InvalidInput) {
            return false;
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function shipped(): iterable
    {
        foreach (
            json_decode(
                (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json'),
                true,
                64,
                JSON_THROW_ON_ERROR,
            )['drills']
            as $card
        ) {
            yield $card['key'] => [$card];
        }
    }

    /**
     * One field at a time is put out of order, in every shipped drill.
     *
     * @param array<string, mixed> $card
     */
    #[DataProvider('shipped')]
    public function testWhatIsReadIsOfTheSchemaAndWhatIsNoDrillIsOfNeither(array $card): void
    {
        self::assertTrue(self::isRead($card) && self::isOfSchema($card));
        $random = new SeededRandom(crc32($card['key']));
        $taken = 0;
        for ($i = 0; $i < self::CHANGES; ++$i) {
            $changed = self::changed($card, $random);
            if (self::isRead($changed)) {
                ++$taken;
                self::assertTrue(self::isOfSchema($changed), json_encode($changed, JSON_THROW_ON_ERROR));
            }
        }
        // Most of what is put out of order is refused, or the reader looks at nothing.
        self::assertLessThan(self::CHANGES / 2, $taken);
    }

    /**
     * @param array<mixed> $value
     *
     * @return array<mixed> the same with one thing in it, at any depth, made into another
     */
    private static function changed(array $value, SeededRandom $random): array
    {
        $keys = array_keys($value);
        $key = $keys[(int) (count($keys) * $random->uniform())];
        if (is_array($value[$key]) && $value[$key] !== [] && $random->uniform() < 0.6) {
            $value[$key] = self::changed($value[$key], $random);

            return $value;
        }
        $value[$key] = [-1, 0, 0.37, 99, 1e6, '', 'word', true, [], ['x' => 1], [[]], str_repeat('long ', 200)][
            (int) (12 * $random->uniform())
        ];

        return $value;
    }
}
