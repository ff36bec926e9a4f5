<?php

declare(strict_types=1);

namespace App\Http\Csv;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Table\Table;

/** Comma-separated values that come from elsewhere (RFC 4180); semicolons and tabs are understood too. */
final class CsvText
{
    /** @throws InvalidInput If the text is no table of a size that is taken. */
    public static function table(string $text, string $field = 'text'): Table
    {
        if (!mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw InvalidInput::at($field, 'This is not a text file in UTF-8.');
        }
        $text = preg_replace('/^\x{FEFF}/u', '', $text) ?? $text;

        return Table::of(self::lines($text, self::separator($text)), $field);
    }

    /** Whichever mark the first line has most of. */
    private static function separator(string $text): string
    {
        $first = strtok($text, "\r\n");
        $marks = [];
        foreach ([',', ';', "\t"] as $mark) {
            $marks[$mark] = substr_count($first === false ? '' : $first, $mark);
        }
        arsort($marks);

        return (string) array_key_first($marks);
    }

    /** @return \Generator<int, list<string|null>> by line number */
    private static function lines(string $text, string $separator): \Generator
    {
        $stream = fopen('php://temp', 'r+');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        for ($number = 1; ($cells = fgetcsv($stream, null, $separator, '"', '')) !== false; ++$number) {
            yield $number => array_map(self::cell(...), $cells);
        }
        fclose($stream);
    }

    /** What was kept from being taken for a formula is told as it was. */
    private static function cell(?string $cell): ?string
    {
        return $cell !== null && preg_match('/^\'[=+\-@]/', $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
