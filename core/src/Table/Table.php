<?php

declare(strict_types=1);

namespace Amble\Core\Table;

use Amble\Core\Exception\InvalidInput;

/** A table whose first line names its columns. Immutable. */
final readonly class Table
{
    private const MOST_ROWS = 5_000;
    private const MOST_COLUMNS = 80;
    private const LONGEST_CELL = 200;

    /**
     * @param list<string> $heads
     * @param array<int, list<string>> $rows by the number of their line in a sheet, the heads being line 1
     */
    private function __construct(public array $heads, public array $rows) {}

    /**
     * @param iterable<int, list<string|null>> $lines by their number in a sheet, from 1
     *
     * @throws InvalidInput If they are no table of a size that is taken.
     */
    public static function of(iterable $lines, string $field = 'text'): self
    {
        $rows = [];
        foreach ($lines as $number => $cells) {
            $rows[$number] = array_map(
                static fn(?string $cell): string => mb_substr(trim((string) $cell), 0, self::LONGEST_CELL),
                $cells,
            );
        }
        $heads = $rows[1] ?? [];
        unset($rows[1]);
        if (count(array_filter($heads, static fn(string $head): bool => $head !== '')) < 2) {
            throw InvalidInput::at($field, 'The first line must name at least two columns.');
        }
        if (count($heads) > self::MOST_COLUMNS || count($rows) > self::MOST_ROWS) {
            throw InvalidInput::at(
                $field,
                sprintf('At most %d rows of %d columns can be imported at once.', self::MOST_ROWS, self::MOST_COLUMNS),
            );
        }

        return new self($heads, array_filter($rows, static fn(array $cells): bool => implode('', $cells) !== ''));
    }

    /** The first cell of a column that is not empty; null where none is. */
    public function sample(int $place): ?string
    {
        foreach ($this->rows as $cells) {
            if (($cells[$place] ?? '') !== '') {
                return $cells[$place];
            }
        }

        return null;
    }

    /** By which to know tables with the same heads again. */
    public function signature(): string
    {
        return hash('xxh128', implode("\n", array_map(mb_strtolower(...), $this->heads)));
    }
}
