<?php

declare(strict_types=1);

namespace App\Http\Csv;

use App\Reports\RecordFile;
use App\Reports\RecordTables;
use Symfony\Component\HttpFoundation\Response;

/**
 * Records as a zip of tables (RFC 4180) with a description of each column (Frictionless Data Package, a
 * datapackage.json).
 */
final class RecordsZip
{
    private const TYPES = [
        't' => 'string',
        'j' => 'object',
        'n' => 'number',
        'i' => 'integer',
        'b' => 'boolean',
        'd' => 'datetime',
        'k' => 'string',
    ];

    public static function answer(string $name, RecordFile $file): Response
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'amble');
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('The file of tables cannot be written.');
        }
        $resources = [];
        foreach ($file->tables as $table => $rows) {
            $columns = ['id' => 'k'] + RecordTables::TABLES[$table];
            $zip->addFromString(
                "$table.csv",
                FiguresCsv::text(
                    array_keys($columns),
                    array_map(static fn(array $row): array => array_map(self::cell(...), array_values($row)), $rows),
                ),
            );
            $resources[] = [
                'name' => $table,
                'path' => "$table.csv",
                'schema' => [
                    'fields' => array_map(
                        static fn(string $column, string $kind): array => [
                            'name' => $column,
                            'type' => self::TYPES[$kind],
                        ],
                        array_keys($columns),
                        array_values($columns),
                    ),
                    'primaryKey' => 'id',
                ],
            ];
        }
        $zip->addFromString(
            'datapackage.json',
            json_encode(
                ['name' => $name, 'profile' => 'tabular-data-package', 'resources' => $resources],
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
            ),
        );
        $zip->close();

        return response()
            ->download($path, "$name.zip", [
                'Content-Type' => 'application/zip',
                'Cache-Control' => 'private, no-store',
            ])
            ->deleteFileAfterSend();
    }

    private static function cell(mixed $value): string|int|float|bool|null
    {
        return $value === null || is_scalar($value)
            ? $value
            : json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
