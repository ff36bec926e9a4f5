<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Table\BallsAsTable;
use Amble\Core\Table\BallsOfTable;
use Amble\Core\Table\ColumnMap;
use Amble\Core\Table\Table;
use Amble\Core\Table\TableField;
use App\Actions\ImportBalls;
use App\Http\Csv\CsvTimes;
use App\Http\Csv\FiguresCsv;
use App\Http\Requests\BallsTableRequest;
use App\Models\Student;
use App\Reports\BallRepository;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** A student's balls as a table, and tables from elsewhere taken in. */
final class BallsTableController
{
    /** Refused rows of one column that are told one by one; of more only how many. */
    private const MOST_PER_COLUMN = 6;

    /** Kinds of table a workspace knows again, the latest. */
    private const MAPS = 40;

    public function __construct(private readonly ImportBalls $taking) {}

    public function show(Student $student, BallRepository $evidence): Response
    {
        return FiguresCsv::answer(
            'balls',
            BallsAsTable::heads(),
            array_map(
                static fn(RolledBall $ball): array => BallsAsTable::row($ball, CsvTimes::write($ball->atMilliseconds)),
                $evidence->ofStudent($student),
            ),
        );
    }

    /** Tell what a table would bring, and what each of its columns is taken for; nothing is kept. */
    public function preview(BallsTableRequest $request, Student $student): JsonResponse
    {
        $table = $request->table();
        $map = $request->map();
        // A table of which nothing is known yet is shown for its columns to be named.
        $balls = $map->columns === [] ? null : $this->read($request, $student);

        return new JsonResponse([
            'columns' => self::columns($table, $map),
            'fields' => array_values(
                array_map(
                    static fn(TableField $field): array => [
                        'name' => $field->name,
                        'label' => $field->label,
                        'units' => array_keys($field->units),
                    ],
                    TableField::all(),
                ),
            ),
            'rows' => count($table->rows),
            'taken' => count($balls->balls ?? []),
            'there' => $balls === null ? 0 : $this->taking->there($balls),
            'refused' => self::firstOfEachColumn($balls->refused ?? []),
            'refused_count' => count($balls->refused ?? []),
        ]);
    }

    public function store(BallsTableRequest $request, Student $student): JsonResponse
    {
        $balls = $this->read($request, $student);
        $there = $this->taking->there($balls);
        $sessions = $this->taking->take(
            $balls,
            $request->coach(),
            $student,
            $request->green(),
            $request->speed(),
            $request->string('zone')->toString(),
        );
        $workspace = $request->workspace();
        $maps = [$request->table()->signature() => $request->map()->toArray()] + ($workspace->column_maps ?? []);
        $workspace->update(['column_maps' => array_slice($maps, 0, self::MAPS, true)]);

        return new JsonResponse([
            'taken' => count($balls->balls) - $there,
            'there' => $there,
            'refused' => count($balls->refused),
            'sessions' => $sessions,
        ]);
    }

    private function read(BallsTableRequest $request, Student $student): BallsOfTable
    {
        return BallsOfTable::read(
            $request->table(),
            $request->map(),
            $student->id,
            $request->start(),
            $request->moments()->read(...),
        );
    }

    /**
     * @param list<array{row: int, column: string, reason: string}> $refused
     *
     * @return list<array{row: int, column: string, reason: string}>
     */
    private static function firstOfEachColumn(array $refused): array
    {
        $first = [];
        $times = [];
        foreach ($refused as $one) {
            $times[$one['column']] = ($times[$one['column']] ?? 0) + 1;
            if ($times[$one['column']] <= self::MOST_PER_COLUMN) {
                $first[] = $one;
            }
        }

        return $first;
    }

    /** @return list<array<string, mixed>> each with the first cell that is not empty */
    private static function columns(Table $table, ColumnMap $map): array
    {
        return array_map(
            static function (string $head, int $place) use ($table, $map): array {
                $column = $map->columns[$place] ?? null;

                return [
                    'head' => $head,
                    'sample' => $table->sample($place),
                    'field' => $column?->field->name,
                    'unit' => $column === null || $column->unit === '' ? null : $column->unit,
                ];
            },
            $table->heads,
            array_keys($table->heads),
        );
    }
}
