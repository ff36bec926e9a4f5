<?php

declare(strict_types=1);

namespace Amble\Core\Session\Observation;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** What can be answered: one of a few words, yes or no, or a number with its unit. Immutable. */
final readonly class AnswerFormat
{
    /** Lengths up to this are measured with a hand's rule, metres. */
    private const HAND_METRES = 1.3;

    /**
     * @param array<string, string> $words what is shown, by the answer; empty where it is no word
     * @param string|null $unit of a number, 'm' for metres, 'times' for a count, as it is written for any other
     * @param bool $isSmall whether a length is said in inches or centimetres
     */
    private function __construct(
        public AnswerKind $kind,
        public array $words = [],
        public ?string $unit = null,
        public float $least = 0.0,
        public float $most = 0.0,
        public bool $isSmall = false,
    ) {}

    /** @param non-empty-array<string, string> $words what is shown, by the answer */
    public static function words(array $words): self
    {
        return new self(AnswerKind::Words, $words);
    }

    public static function yesNo(string $yes, string $no): self
    {
        return new self(AnswerKind::YesNo, ['yes' => $yes, 'no' => $no]);
    }

    /** A length in metres, from least to most. */
    public static function metres(float $least, float $most): self
    {
        return new self(AnswerKind::Metres, [], 'm', $least, $most, $most <= self::HAND_METRES);
    }

    /** A length in metres that is always said in inches or centimetres, however long it may be. */
    public static function smallMetres(float $least, float $most): self
    {
        return new self(AnswerKind::Metres, [], 'm', $least, $most, true);
    }

    /** A whole number of times, from least to most. */
    public static function count(int $least, int $most): self
    {
        return new self(AnswerKind::Count, [], 'times', $least, $most);
    }

    /** A number in a unit as it is written, from least to most. */
    public static function number(string $unit, float $least, float $most): self
    {
        return new self(AnswerKind::Number, [], $unit, $least, $most);
    }

    /** @throws InvalidInput If it is no answer, at its field. */
    public function read(JsonInput $seen, string $name): string|bool|int|float
    {
        return match ($this->kind) {
            AnswerKind::Words => $seen->word($name, array_keys($this->words) ?: ['']),
            AnswerKind::YesNo => $seen->flagOr($name, false),
            AnswerKind::Metres, AnswerKind::Number => $this->measured($seen, $name),
            AnswerKind::Count => $seen->wholeNumber($name, (int) $this->least, (int) $this->most),
        };
    }

    private function measured(JsonInput $seen, string $name): float
    {
        $value = $seen->number($name);

        return $value >= $this->least && $value <= $this->most
            ? $value
            : throw InvalidInput::outside(
                $seen->path($name),
                $value,
                sprintf('from %g to %g %s', $this->least, $this->most, $this->unit),
            );
    }
}
