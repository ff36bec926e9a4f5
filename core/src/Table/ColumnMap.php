<?php

declare(strict_types=1);

namespace Amble\Core\Table;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** What the columns of a table are, said once for all tables with the same heads. Immutable. */
final readonly class ColumnMap
{
    /** @param array<int, Column> $columns by place, 0-based; a column that is not there is left aside */
    private function __construct(public array $columns) {}

    /**
     * Guess from the heads: those Amble itself writes, and a field's own words, where the first cell is such a figure.
     */
    public static function guess(Table $table): self
    {
        $columns = [];
        $taken = [];
        foreach ($table->heads as $place => $head) {
            foreach (TableField::all() as $name => $field) {
                $isNamed = in_array(self::plain($head), [self::plain($name), self::plain($field->label)], true);
                if ($isNamed && !isset($taken[$name]) && self::fits($table, $place, $field)) {
                    $columns[$place] = new Column($field, $field->ownUnit() ?? '');
                    $taken[$name] = true;
                }
            }
        }

        return new self($columns);
    }

    private static function fits(Table $table, int $place, TableField $field): bool
    {
        $cell = $table->sample($place);
        if ($cell === null || $field->name === 'at') {
            return true;
        }

        try {
            $field->read($cell, $field->ownUnit() ?? '', '');

            return true;
        } catch (InvalidInput) {
            return false;
        }
    }

    /**
     * @param JsonInput $told with 'columns', a list of {place, field, unit}
     *
     * @throws InvalidInput If a field or a unit is none there is, or two columns fill the same field.
     */
    public static function read(JsonInput $told, int $width): self
    {
        $columns = [];
        $taken = [];
        foreach ($told->objectsOrNone('columns') as $one) {
            $place = $one->wholeNumber('place', 0, max(0, $width - 1));
            $field = TableField::all()[$one->word('field', array_keys(TableField::all()))];
            if (isset($taken[$field->name])) {
                throw InvalidInput::at(
                    $one->path('field'),
                    "Two columns are set to “{$field->label}”; only one can be.",
                );
            }
            $taken[$field->name] = true;
            $units = array_keys($field->units);
            $columns[$place] = new Column($field, $units === [] ? '' : $one->word('unit', $units));
        }

        return new self($columns);
    }

    /** @return list<array{place: int, field: string, unit: string}> as it is read */
    public function toArray(): array
    {
        return array_map(
            static fn(int $place, Column $column): array => [
                'place' => $place,
                'field' => $column->field->name,
                'unit' => $column->unit,
            ],
            array_keys($this->columns),
            array_values($this->columns),
        );
    }

    private static function plain(string $head): string
    {
        return preg_replace('/[^a-z0-9]+/', '', mb_strtolower($head)) ?? '';
    }
}
