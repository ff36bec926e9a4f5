<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BallColumn;
use App\Models\BallColumns;
use Illuminate\Support\Facades\Schema;
use Tests\TestCase;

/**
 * The list of a ball's columns is the table, and the fields of the answer: a new field that stands in one of them alone
 * fails here.
 */
final class BallColumnsTest extends TestCase
{
    public function testTheMigratedTableHasTheseColumnsAndNoOthers(): void
    {
        $nullable = array_column(Schema::getColumns('balls'), 'nullable', 'name');
        // Worked out from the row itself, to see whether it changed.
        unset($nullable['digest']);
        $listed = array_map(static fn(BallColumn $column): bool => $column->isNullable, BallColumns::all());
        self::assertEqualsCanonicalizing(array_keys($listed), array_keys($nullable));
        foreach ($listed as $name => $isNullable) {
            self::assertSame($nullable[$name], $isNullable, $name);
        }
    }

    public function testAScreenGetsTheFieldsOfTheSchema(): void
    {
        $schema = json_decode(
            (string) file_get_contents(base_path('contract/ball.schema.json')),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        $row = (object) array_fill_keys(array_keys(BallColumns::all()), null);
        self::assertEqualsCanonicalizing(array_keys($schema['properties']), array_keys(BallColumns::shown($row)));
    }
}
