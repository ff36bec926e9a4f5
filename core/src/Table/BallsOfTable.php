<?php

declare(strict_types=1);

namespace Amble\Core\Table;

use Amble\Core\Device\DeviceKind;
use Amble\Core\Device\FigureSource;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;

/** The balls that a table tells, and why each row that tells none does not. Immutable. */
final readonly class BallsOfTable
{
    /** Balls of which a table tells only the day follow each other in this, milliseconds. */
    private const APART = 30_000;

    /**
     * @param list<array<string, mixed>> $balls events as {@see EventReader} takes them, in the order of their rows
     * @param list<array{row: int, column: string, reason: string}> $refused by the line of a sheet
     */
    private function __construct(public array $balls, public array $refused) {}

    /**
     * @param string $whose part of each ball's id, so that the same table gives the same balls again
     * @param int $start when the first row without a moment was rolled, Unix milliseconds
     * @param \Closure(string): (int|null) $moment reads a day and time to Unix milliseconds; null where it is none
     *
     * @throws InvalidInput If no column tells of a roll.
     */
    public static function read(Table $table, ColumnMap $map, string $whose, int $start, \Closure $moment): self
    {
        $names = array_map(static fn(Column $column): string => $column->field->name, $map->columns);
        if (array_diff($names, ['at']) === []) {
            throw InvalidInput::at('columns', 'Set the meaning of at least one column.');
        }
        $balls = $refused = $times = [];
        foreach ($table->rows as $number => $cells) {
            // The same row twice in a table is two balls; the same table twice is not.
            $same = implode("\t", $cells);
            $times[$same] = ($times[$same] ?? 0) + 1;
            try {
                $balls[] = self::ball(
                    $cells,
                    $map,
                    $table->heads,
                    "$whose $same {$times[$same]}",
                    $start + ($number - 2) * self::APART,
                    $moment,
                );
            } catch (InvalidInput $error) {
                $refused[] = [
                    'row' => $number,
                    'column' => self::columnOf($error, $map, $table->heads),
                    'reason' => $error->getMessage(),
                ];
            }
        }

        return new self($balls, $refused);
    }

    /**
     * @param list<string> $cells
     * @param list<string> $heads
     * @param \Closure(string): (int|null) $moment
     *
     * @return array<string, mixed>
     *
     * @throws InvalidInput If the row tells no ball.
     */
    private static function ball(
        array $cells,
        ColumnMap $map,
        array $heads,
        string $key,
        int $at,
        \Closure $moment,
    ): array {
        $told = [];
        $seen = [];
        foreach ($map->columns as $place => $column) {
            $cell = $cells[$place] ?? '';
            $field = $column->field;
            if ($cell === '') {
                continue;
            }
            if ($field->name === 'at') {
                $at =
                    $moment($cell) ??
                    throw InvalidInput::at($heads[$place], "“{$cell}” is not a date and time like 2026-11-26 09:30.");
            } elseif ($field->isSeen) {
                $seen[$field->name] = $field->read($cell, $column->unit, $heads[$place]);
            } else {
                $told[$field->name] = $field->read($cell, $column->unit, $heads[$place]);
            }
        }
        $seen += isset($told['backstroke_m']) ? ['backstroke_by' => FigureSource::File->value] : [];
        $sensed = array_column(DeviceKind::StrokeSensor->fields(), 'name');
        $seen +=
            array_intersect_key($seen, array_flip($sensed)) === [] ? [] : ['measured_by' => FigureSource::File->value];
        $event = ['id' => self::id($at, $key), 'type' => 'putt_logged', 'version' => 2, 'at_ms' => $at] +
            $told + ['stop' => isset($told['roll_m']) ? 'free' : 'unseen', 'seen' => (object) $seen];
        EventReader::arriving(JsonInput::fromArray($event));

        return $event;
    }

    /**
     * The head of the column that a refusal is about; a refusal of the whole ball has none.
     *
     * @param list<string> $heads
     */
    private static function columnOf(InvalidInput $error, ColumnMap $map, array $heads): string
    {
        $field = preg_replace('/^seen\./', '', (string) $error->field());
        foreach ($map->columns as $place => $column) {
            if ($column->field->name === $field) {
                return $heads[$place];
            }
        }

        return in_array($field, $heads, true) ? (string) $field : '';
    }

    /** A ULID of its moment and what the row says: 48 bits of time, 80 of a hash. */
    private static function id(int $at, string $key): string
    {
        $digits = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
        $id = '';
        for ($i = 9, $time = max(0, $at); $i >= 0; --$i, $time = intdiv($time, 32)) {
            $id = $digits[$time % 32] . $id;
        }
        $hash = hash('sha256', $key, true);
        for ($i = 0; $i < 16; ++$i) {
            $id .= $digits[ord($hash[$i]) % 32];
        }

        return $id;
    }
}
