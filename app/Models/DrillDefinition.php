<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\OldDrillFormat;
use Amble\Core\Json\JsonInput;

/** A drill as JSON: how it is stored with a drill and with a run, and how it is read again. */
final class DrillDefinition
{
    /** Give a drill that was kept, in today's form. */
    public static function fromStored(string $json): \stdClass
    {
        $kept = json_decode($json, false, 64, JSON_THROW_ON_ERROR);
        if ($kept instanceof \stdClass && !OldDrillFormat::isOld(get_object_vars($kept))) {
            return $kept;
        }
        /** @var array<string, mixed> $drill */
        $drill = json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return self::fromArray(OldDrillFormat::broughtUp($drill));
    }

    /** Read a drill that was checked before it was kept. */
    public static function card(\stdClass $drill): Drill
    {
        return DrillReader::read(JsonInput::fromArray(get_object_vars($drill)));
    }

    /** @return array<string, mixed> the same as plain arrays, as rules that rewrite a drill take it */
    public static function asArray(\stdClass $drill): array
    {
        /** @var array<string, mixed> $plain */
        $plain = json_decode(json_encode($drill, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);

        return $plain;
    }

    /** @param array<string, mixed> $drill */
    public static function fromArray(array $drill): \stdClass
    {
        // One without a field is an empty object, not an empty list.
        $object = json_decode(
            json_encode((object) $drill, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            false,
            64,
            JSON_THROW_ON_ERROR,
        );

        return $object instanceof \stdClass ? $object : throw new \LogicException('A drill is an object.');
    }

    /** @return array{name: string, definition: string} */
    public static function columns(\stdClass $drill): array
    {
        return [
            'name' => (string) $drill->name,
            'definition' => json_encode($drill, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ];
    }
}
