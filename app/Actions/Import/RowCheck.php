<?php

declare(strict_types=1);

namespace App\Actions\Import;

use Amble\Core\Exception\InvalidInput;
use App\Models\Coach;

/** Holds the rows of a file to the rules of the forms that make such records on a screen. */
interface RowCheck
{
    /**
     * @param Coach $coach as whom the file is imported
     * @param int $i place of the row in its table, from 0
     * @param array<string, mixed> $row as {@see ImportFile} has it
     *
     * @throws InvalidInput At the field of the file.
     */
    public function check(Coach $coach, string $table, int $i, array $row): void;
}
