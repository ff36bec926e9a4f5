<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Workspace;
use Illuminate\Database\Eloquent\Model;

/** Makes every key by which an answer is kept, from all that the answer rests on. */
final class CacheKey
{
    /**
     * The evidence's version stands for balls, measurements, rounds, checks, greens and schools; the records given
     * stand for themselves with everything written on them: a student's hand, unit and finish past the hole, a coach's
     * preferences.
     *
     * @param string $kind of answer
     * @param list<Model|null> $records that the answer rests on besides the evidence
     * @param list<mixed> $asked what was asked
     * @param string|null $evidence version of the evidence where it is less than the workspace's, as one student's
     *     balls are
     */
    public static function of(
        string $kind,
        string $workspaceId,
        array $records,
        array $asked = [],
        ?string $evidence = null,
    ): string {
        $written = array_map(static fn(?Model $record): ?array => $record?->getAttributes(), $records);
        $evidence ??= Workspace::evidenceVersion($workspaceId);

        return "$kind " . hash('xxh128', serialize([$workspaceId, $evidence, $written, $asked]));
    }
}
