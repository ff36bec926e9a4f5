<?php

declare(strict_types=1);

namespace Amble\Core\Exception;

/**
 * A quantity or record that cannot be what it claims to be.
 *
 * The message is a full sentence for people; the field is for programs. Indexes in a field
 * path are 0-based.
 */
final class InvalidInput extends \DomainException implements CoreException
{
    private function __construct(private readonly ?string $field, string $message)
    {
        parent::__construct($message);
    }

    public function field(): ?string
    {
        return $this->field;
    }

    /** For text that does not hold an object at all. */
    public static function unreadable(string $message): self
    {
        return new self(null, $message);
    }

    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }

    public static function missing(string $field): self
    {
        return new self($field, 'This is needed and is missing.');
    }

    public static function notFinite(string $field): self
    {
        return new self($field, 'This must be a finite number.');
    }

    public static function notPositive(string $field, float $value): self
    {
        return new self($field, sprintf('This must be above 0; %s was given.', self::shown($value)));
    }

    public static function negative(string $field, float $value): self
    {
        return new self($field, sprintf('This must be 0 or more; %s was given.', self::shown($value)));
    }

    public static function outside(string $field, float $value, string $range): self
    {
        return new self($field, sprintf('This must be %s; %s was given.', $range, self::shown($value)));
    }

    public static function emptyList(string $field, string $what): self
    {
        return new self($field, sprintf('At least one %s is needed.', $what));
    }

    private static function shown(float $value): string
    {
        return rtrim(rtrim(sprintf('%.6F', $value), '0'), '.');
    }
}
