<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Table\ColumnMap;
use Amble\Core\Table\Table;
use App\Http\Csv\CsvText;
use App\Http\Csv\CsvTimes;
use App\Models\Green;
use App\Models\Workspace;

/** A table of balls from elsewhere, and what its columns are. */
final class BallsTableRequest extends WorkspaceRequest
{
    private ?Table $table = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:2000000'],
            'columns' => ['sometimes', 'array', 'list', 'max:80'],
            'day' => [
                'bail',
                'required',
                'string',
                'date_format:Y-m-d',
                'before_or_equal:tomorrow',
                'after:2019-12-31',
            ],
            'zone' => ['required', 'timezone:all'],
            // A speed is some green's.
            'green_id' => ['nullable', 'required_with:speed_ft', 'string', $this->inWorkspace(Green::class)],
            'speed_ft' => ['nullable', 'numeric', 'between:3,18'],
        ];
    }

    /** @throws InvalidInput If it is no table of a size that is taken. */
    public function table(): Table
    {
        return $this->table ??= CsvText::table($this->string('text')->toString());
    }

    /** As it is said here, else as the workspace said it of the same heads before, else guessed. */
    public function map(): ColumnMap
    {
        $table = $this->table();
        $kept = $this->has('columns') ? null : $this->workspace()->column_maps[$table->signature()] ?? null;

        return match (true) {
            $this->has('columns') => self::read($this->validated('columns'), $table),
            $kept !== null => self::read($kept, $table),
            default => ColumnMap::guess($table),
        };
    }

    public function start(): int
    {
        return $this->moments()->read($this->string('day')->toString()) ??
            throw InvalidInput::at('day', 'This is not a date.');
    }

    public function moments(): CsvTimes
    {
        return new CsvTimes($this->string('zone')->toString());
    }

    public function green(): ?Green
    {
        return $this->filled('green_id') ? Green::query()->find($this->string('green_id')->toString()) : null;
    }

    /** Estimated, feet; null where nobody said it. */
    public function speed(): ?float
    {
        return $this->filled('speed_ft') ? $this->float('speed_ft') : null;
    }

    public function workspace(): Workspace
    {
        return Workspace::query()->findOrFail($this->coach()->workspace_id);
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['text' => 'table', 'green_id' => 'green', 'speed_ft' => 'green speed', 'zone' => 'time zone'];
    }

    private static function read(mixed $columns, Table $table): ColumnMap
    {
        return ColumnMap::read(
            JsonInput::parse(json_encode(['columns' => $columns], JSON_THROW_ON_ERROR)),
            count($table->heads),
        );
    }
}
