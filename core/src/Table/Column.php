<?php

declare(strict_types=1);

namespace Amble\Core\Table;

/** Which field a column of a table fills, and the unit it is written in. Immutable. */
final readonly class Column
{
    public function __construct(public TableField $field, public string $unit) {}
}
