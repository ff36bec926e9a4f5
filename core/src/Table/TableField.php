<?php

declare(strict_types=1);

namespace Amble\Core\Table;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Session\Observation\AnswerFormat;
use Amble\Core\Session\Observation\AnswerKind;
use Amble\Core\Session\Observation\ObservationTypes;
use Amble\Core\Session\Stop;

/** What a column of a table of balls may hold: a figure in one of several units, or one of a few words. Immutable. */
final readonly class TableField
{
    private const LENGTHS = ['m' => 1.0, 'cm' => 0.01, 'mm' => 0.001, 'ft' => 0.3048, 'in' => 0.0254, 'yd' => 0.9144];
    private const ANGLES = ['°, right is positive' => 1.0, '°, left is positive' => -1.0];
    private const SPEEDS = ['m/s' => 1.0, 'km/h' => 0.277777778, 'mph' => 0.44704, 'ft/s' => 0.3048];
    private const TIMES = ['s' => 1.0, 'ms' => 0.001];

    /**
     * @param string $name as a ball has it; 'at' for the moment it was rolled
     * @param array<string, float> $units what one of each is in the unit that is kept
     * @param array<string, string|bool> $words the answer, by what may be written for it in small letters
     * @param list<string> $said the words as a sentence lists them
     * @param bool $isSeen whether it stands under what was seen of a ball
     */
    private function __construct(
        public string $name,
        public string $label,
        public array $units,
        public array $words = [],
        public bool $isSeen = false,
        private bool $isWhole = false,
        private array $said = [],
    ) {}

    /** @return non-empty-array<string, self> by name, in the order a screen offers them */
    public static function all(): array
    {
        $fields = [
            new self('at', 'Day and time', []),
            new self('backstroke_m', 'Backstroke', self::LENGTHS),
            new self('roll_m', 'Roll', self::LENGTHS),
            new self('target_m', 'Target', self::LENGTHS),
            new self('stop', 'How it stopped', [], self::stops(), said: array_keys(self::stops())),
            new self('grade_percent', 'Uphill', ['%' => 1.0]),
            new self('across_percent', 'Rising to the right', ['%' => 1.0]),
        ];
        foreach (ObservationTypes::all() as $kind) {
            $fields[] = self::seen($kind->name, $kind->question, $kind->answers);
        }

        return array_combine(array_column($fields, 'name'), $fields);
    }

    private static function seen(string $name, string $question, AnswerFormat $answers): self
    {
        $units = match (true) {
            $answers->kind === AnswerKind::Metres => self::LENGTHS,
            $answers->unit === '°' => self::ANGLES,
            $answers->unit === 'm/s' => self::SPEEDS,
            $answers->unit === 's' => self::TIMES,
            $answers->unit !== null => [$answers->unit => 1.0],
            default => [],
        };
        $words = [];
        foreach ($answers->words as $word => $label) {
            $answer = $answers->kind === AnswerKind::YesNo ? $word === 'yes' : (string) $word;
            $words[mb_strtolower((string) $word)] = $answer;
            $words[mb_strtolower($label)] = $answer;
        }

        return new self(
            $name,
            $question,
            $units,
            $words,
            true,
            $answers->kind === AnswerKind::Count,
            array_map(lcfirst(...), array_values($answers->words)),
        );
    }

    /** @return array<string, string> */
    private static function stops(): array
    {
        $values = array_column(Stop::cases(), 'value');

        return array_combine($values, $values);
    }

    /**
     * @param string $cell not empty
     *
     * @throws InvalidInput If it is no such figure or word, naming the column.
     */
    public function read(string $cell, string $unit, string $column): string|bool|int|float
    {
        if ($this->units === []) {
            return $this->words[mb_strtolower($cell)] ??
                throw InvalidInput::at($column, sprintf('“%s” is none of: %s.', $cell, implode(', ', $this->said)));
        }
        // A comma as the decimal mark is read as one; thousands are not written in a table of putts.
        $number = str_replace(',', '.', $cell);
        if (!is_numeric($number) || !is_finite((float) $number)) {
            throw InvalidInput::at($column, "“{$cell}” is not a number.");
        }
        $value = (float) $number * $this->units[$unit];

        return $this->isWhole && $value === floor($value) ? (int) $value : round($value, 6);
    }

    /** The unit that is kept, in which a table is written. */
    public function ownUnit(): ?string
    {
        return array_key_first($this->units);
    }
}
