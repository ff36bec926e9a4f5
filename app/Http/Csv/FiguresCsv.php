<?php

declare(strict_types=1);

namespace App\Http\Csv;

use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Symfony\Component\HttpFoundation\Response;

/** Figures as a table of comma-separated values (RFC 4180), SI units and shares, one figure a line. */
final class FiguresCsv
{
    public const HEAD = ['part', 'unit', 'value', 'low', 'high', 'n'];

    /** A cell that begins with one of these would be taken for a formula. */
    private const FORMULA = ['=', '+', '-', '@', "\t", "\r"];

    /**
     * @param list<string> $head
     * @param iterable<list<string|int|float|bool|null>> $rows
     */
    public static function answer(string $name, array $head, iterable $rows): Response
    {
        return response(self::text($head, $rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$name.csv\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }

    /**
     * @param list<string> $head
     * @param iterable<list<string|int|float|bool|null>> $rows
     */
    public static function text(array $head, iterable $rows): string
    {
        $lines = [self::line($head)];
        foreach ($rows as $row) {
            $lines[] = self::line($row);
        }

        return implode('', $lines);
    }

    /**
     * @return list<list<string|int|float|null>> the figure itself, its first tries, its parts; lengths in words are in
     *     metres
     */
    public static function rowsOf(Finding $finding): array
    {
        $rows = [
            [
                $finding->question,
                $finding->unit->value,
                $finding->value,
                $finding->interval?->low,
                $finding->interval?->high,
                $finding->n,
            ],
        ];
        foreach ([...$finding->first === null ? [] : [$finding->first], ...$finding->rows] as $row) {
            $rows[] = self::row($row);
        }

        return $rows;
    }

    /** @return list<string|int|float|null> */
    private static function row(FindingRow $row): array
    {
        return [
            preg_replace('/\{(-?[\d.]+) [mws]\}/', '$1 m', $row->name),
            $row->unit->value,
            $row->value,
            $row->interval?->low,
            $row->interval?->high,
            $row->n,
        ];
    }

    /** @param list<string|int|float|bool|null> $cells */
    private static function line(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells)) . "\r\n";
    }

    private static function cell(string|int|float|bool|null $cell): string
    {
        if (!is_string($cell)) {
            return match (true) {
                is_bool($cell) => $cell ? 'yes' : 'no',
                is_float($cell) => (string) round($cell, 6),
                default => (string) $cell,
            };
        }
        $safe = $cell !== '' && in_array($cell[0], self::FORMULA, true) ? "'$cell" : $cell;

        return preg_match('/[",\r\n]/', $safe) === 1 ? '"' . str_replace('"', '""', $safe) . '"' : $safe;
    }
}
