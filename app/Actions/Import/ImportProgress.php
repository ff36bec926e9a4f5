<?php

declare(strict_types=1);

namespace App\Actions\Import;

/** How far an import has come. Immutable. */
final readonly class ImportProgress
{
    /** @param 'reading'|'checking'|'writing' $phase */
    public function __construct(public string $phase, public int $done, public int $of) {}
}
