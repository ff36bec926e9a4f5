<?php

declare(strict_types=1);

namespace Amble\Core\Json;

use Amble\Core\Exception\InvalidInput;

/**
 * One JSON object being read, which knows its own path for errors ("putts.3").
 *
 * Everything it hands out has the right type, or an exception names the field. Null and missing
 * are the same.
 */
final readonly class JsonInput
{
    private const DEEPEST = 32;

    private function __construct(private \stdClass $fields, private string $path) {}

    /** @throws InvalidInput If the text is not one JSON object. */
    public static function parse(string $text): self
    {
        try {
            $value = json_decode($text, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $malformed) {
            throw InvalidInput::unreadable('This is not JSON: ' . $malformed->getMessage() . '.');
        }

        return $value instanceof \stdClass
            ? new self($value, '')
            : throw InvalidInput::unreadable('One JSON object is expected.');
    }

    /**
     * Reads from fields that were decoded and kept elsewhere.
     *
     * @param array<string, mixed> $fields
     */
    public static function fromArray(array $fields, string $path = ''): self
    {
        return new self((object) $fields, $path);
    }

    /** Reads from an object that was decoded elsewhere. */
    public static function of(\stdClass $fields): self
    {
        return new self($fields, '');
    }

    /** The full path of a field. */
    public function path(string $field): string
    {
        return $this->path === '' ? $field : "$this->path.$field";
    }

    /** The full path of this object itself; empty at the top. */
    public function here(): string
    {
        return $this->path;
    }

    /** @return list<string> the names of all fields that are there, null ones too */
    public function fields(): array
    {
        return array_map(strval(...), array_keys(get_object_vars($this->fields)));
    }

    public function has(string $field): bool
    {
        return ($this->fields->{$field} ?? null) !== null;
    }

    public function isObject(string $field): bool
    {
        return ($this->fields->{$field} ?? null) instanceof \stdClass;
    }

    /**
     * Read an object of plain values, whatever they are called.
     *
     * @return array<string, string|bool|int|float> by field; what is null is left out
     *
     * @throws InvalidInput If it is no object, has more fields, or one that is no text of at most so many letters,
     *     number or flag.
     */
    public function scalars(string $field, int $most, int $longest): array
    {
        $object = $this->object($field);
        $names = array_values(array_filter($object->fields(), $object->has(...)));
        if (count($names) > $most) {
            throw InvalidInput::at($object->here(), "At most $most answers can be given.");
        }
        $values = [];
        foreach ($names as $name) {
            $value = $object->fields->{$name};
            $values[$name] = match (true) {
                is_bool($value), is_int($value), is_float($value) && is_finite($value) => $value,
                default => $object->text($name, $longest),
            };
        }

        return $values;
    }

    /** @throws InvalidInput If the field is missing or not a finite number. */
    public function number(string $field): float
    {
        $value = $this->fields->{$field} ?? null;
        // Logs are read by the thousand numbers: a path is put together only where something is wrong.
        if (is_int($value) || (is_float($value) && is_finite($value))) {
            return (float) $value;
        }

        return self::asNumber($this->fields->{$field} ?? null, $this->path($field));
    }

    /** @throws InvalidInput If the field is there and not a finite number. */
    public function numberOrNull(string $field): ?float
    {
        return $this->has($field) ? $this->number($field) : null;
    }

    /** @throws InvalidInput If the field is there and not a finite number. */
    public function numberOr(string $field, float $default): float
    {
        return $this->numberOrNull($field) ?? $default;
    }

    /** @throws InvalidInput If the field is missing or not a whole number in the range. */
    public function wholeNumber(string $field, int $least, int $most): int
    {
        $value = $this->number($field);

        return $value === floor($value) && $value >= $least && $value <= $most
            ? (int) $value
            : throw InvalidInput::outside($this->path($field), $value, "a whole number from $least to $most");
    }

    /** @throws InvalidInput If the field is there and not a whole number in the range. */
    public function wholeNumberOr(string $field, int $least, int $most, int $default): int
    {
        return $this->has($field) ? $this->wholeNumber($field, $least, $most) : $default;
    }

    /**
     * A field whose form is its reader's business, as JSON again; "null" where it is not there.
     *
     * @throws InvalidInput If it holds what JSON cannot say.
     */
    public function json(string $field): string
    {
        try {
            return json_encode($this->fields->{$field} ?? null, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        } catch (\JsonException) {
            throw InvalidInput::at($this->path($field), 'This is not JSON.');
        }
    }

    /** @throws InvalidInput If the field is missing, empty or longer than this. */
    public function text(string $field, int $longest): string
    {
        $value = $this->fields->{$field} ?? throw InvalidInput::missing($this->path($field));

        // A text has no more letters than bytes.
        return is_string($value) && trim($value) !== '' && (strlen($value) <= $longest || mb_strlen($value) <= $longest)
            ? $value
            : throw InvalidInput::at($this->path($field), "This must be text of 1 to $longest letters.");
    }

    /** @throws InvalidInput If the field is there and empty or longer than this. */
    public function textOrNull(string $field, int $longest): ?string
    {
        return $this->has($field) ? $this->text($field, $longest) : null;
    }

    /**
     * @return list<string> empty when the field is missing
     *
     * @throws InvalidInput If the field is there and not a list of texts.
     */
    public function textsOrNone(string $field, int $longest): array
    {
        $texts = [];
        foreach ($this->has($field) ? $this->values($field) : [] as $i => $value) {
            $texts[] =
                is_string($value) && trim($value) !== '' && mb_strlen($value) <= $longest
                    ? $value
                    : throw InvalidInput::at($this->path("$field.$i"), "This must be text of 1 to $longest letters.");
        }

        return $texts;
    }

    /**
     * @param non-empty-list<string> $allowed
     *
     * @return list<string> empty when the field is missing
     *
     * @throws InvalidInput If the field is there and not a list of these words.
     */
    public function wordsOrNone(string $field, array $allowed): array
    {
        $words = [];
        foreach ($this->has($field) ? $this->values($field) : [] as $i => $value) {
            $words[] =
                is_string($value) && in_array($value, $allowed, true)
                    ? $value
                    : throw InvalidInput::at(
                        $this->path("$field.$i"),
                        'This must be one of: ' . implode(', ', $allowed) . '.',
                    );
        }

        return $words;
    }

    /**
     * Refuses a field nobody knows: a slip in a name would otherwise be lost without a word.
     *
     * @param list<string> $known
     *
     * @throws InvalidInput If there is another field.
     */
    public function only(array $known): self
    {
        foreach ($this->fields() as $field) {
            if (!in_array($field, $known, true)) {
                throw InvalidInput::at($this->path($field), 'No such field is known here.');
            }
        }

        return $this;
    }

    /** @throws InvalidInput If the field is there and neither true nor false. */
    public function flagOr(string $field, bool $default): bool
    {
        $value = $this->fields->{$field} ?? $default;

        return is_bool($value) ? $value : throw InvalidInput::at($this->path($field), 'This must be true or false.');
    }

    /**
     * @param non-empty-list<string> $allowed
     *
     * @throws InvalidInput If the field is missing or not one of the words.
     */
    public function word(string $field, array $allowed): string
    {
        $value = $this->fields->{$field} ?? throw InvalidInput::missing($this->path($field));

        return is_string($value) && in_array($value, $allowed, true)
            ? $value
            : throw InvalidInput::at($this->path($field), 'This must be one of: ' . implode(', ', $allowed) . '.');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum one of words
     *
     * @return T
     *
     * @throws InvalidInput If the field is missing or not one of its words.
     */
    public function enum(string $field, string $enum): \BackedEnum
    {
        $value = $this->fields->{$field} ?? throw InvalidInput::missing($this->path($field));

        return (is_string($value) ? $enum::tryFrom($value) : null) ??
            throw InvalidInput::at(
                $this->path($field),
                'This must be one of: ' . implode(', ', array_column($enum::cases(), 'value')) . '.',
            );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum one of words
     *
     * @return T|null
     *
     * @throws InvalidInput If the field is there and not one of its words.
     */
    public function enumOrNull(string $field, string $enum): ?\BackedEnum
    {
        return $this->has($field) ? $this->enum($field, $enum) : null;
    }

    /** @throws InvalidInput If the field is missing or not an object. */
    public function object(string $field): self
    {
        return self::asObject($this->fields->{$field} ?? null, $this->path($field));
    }

    /** @throws InvalidInput If the field is there and not an object. */
    public function objectOrNull(string $field): ?self
    {
        return $this->has($field) ? $this->object($field) : null;
    }

    /**
     * @return list<self>
     *
     * @throws InvalidInput If the field is missing or not a list of objects.
     */
    public function objects(string $field): array
    {
        $objects = [];
        foreach ($this->values($field) as $i => $value) {
            $objects[] = self::asObject($value, $this->path("$field.$i"));
        }

        return $objects;
    }

    /**
     * @return list<self> empty when the field is missing
     *
     * @throws InvalidInput If the field is there and not a list of objects.
     */
    public function objectsOrNone(string $field): array
    {
        return $this->has($field) ? $this->objects($field) : [];
    }

    /**
     * @return list<list<self>>
     *
     * @throws InvalidInput If the field is missing or not a list of lists of objects.
     */
    public function objectLists(string $field): array
    {
        $lists = [];
        foreach ($this->values($field) as $i => $inner) {
            $path = $this->path("$field.$i");
            if (!is_array($inner)) {
                throw InvalidInput::at($path, 'This must be a list.');
            }
            $lists[] = array_map(
                static fn(mixed $value, int $j): self => self::asObject($value, "$path.$j"),
                array_values($inner),
                array_keys(array_values($inner)),
            );
        }

        return $lists;
    }

    /**
     * @return list<float>
     *
     * @throws InvalidInput If the field is missing or not a list of finite numbers.
     */
    public function numbers(string $field): array
    {
        $numbers = [];
        foreach ($this->values($field) as $i => $value) {
            $numbers[] = self::asNumber($value, $this->path("$field.$i"));
        }

        return $numbers;
    }

    /**
     * @return list<float> empty when the field is missing
     *
     * @throws InvalidInput If the field is there and not a list of finite numbers.
     */
    public function numbersOrNone(string $field): array
    {
        return $this->has($field) ? $this->numbers($field) : [];
    }

    /** @return list<mixed> */
    private function values(string $field): array
    {
        $value = $this->fields->{$field} ?? throw InvalidInput::missing($this->path($field));

        return is_array($value)
            ? array_values($value)
            : throw InvalidInput::at($this->path($field), 'This must be a list.');
    }

    private static function asNumber(mixed $value, string $path): float
    {
        return match (true) {
            $value === null => throw InvalidInput::missing($path),
            !is_int($value) && !is_float($value) => throw InvalidInput::at($path, 'This must be a number.'),
            !is_finite((float) $value) => throw InvalidInput::notFinite($path),
            default => (float) $value,
        };
    }

    private static function asObject(mixed $value, string $path): self
    {
        return match (true) {
            $value === null => throw InvalidInput::missing($path),
            !($value instanceof \stdClass) => throw InvalidInput::at($path, 'This must be an object.'),
            default => new self($value, $path),
        };
    }
}
