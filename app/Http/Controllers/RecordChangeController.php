<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangesRequest;
use App\Models\Coach;
use App\Models\RecordChange;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Collection;

/** Who changed what of a workspace's records. */
final class RecordChangeController
{
    /** The latest, so many. */
    private const SHOWN = 60;

    /** Longer values are told by their beginning. */
    private const LONGEST = 80;

    public function __invoke(ChangesRequest $request): JsonResponse
    {
        $student = $request->validated('student');
        $query = RecordChange::query()->where('workspace_id', $request->coach()->workspace_id);
        /** @var Collection<int, RecordChange> $changes */
        $changes = ($student === null ? $query : $query->where('student_id', $student))
            ->orderByDesc('id')
            ->limit(self::SHOWN)
            ->get();
        $names = Coach::query()
            ->whereKey($changes->pluck('coach_id')->unique())
            ->pluck('name', 'id');

        return new JsonResponse(
            $changes
                ->map(
                    static fn(RecordChange $change): array => [
                        'id' => $change->id,
                        'at' => $change->created_at->toIso8601ZuluString(),
                        'who' => $names[$change->coach_id] ?? '',
                        'record' => $change->record_type,
                        'name' => $change->name,
                        'what' => $change->what,
                        'fields' => array_map(
                            static fn(string $field, array $pair): array => [
                                'field' => $field,
                                'from' => self::shown($pair[0]),
                                'to' => self::shown($pair[1]),
                            ],
                            array_keys($change->fields),
                            array_values($change->fields),
                        ),
                    ],
                )
                ->values(),
        );
    }

    private static function shown(mixed $value): ?string
    {
        return $value === null || !is_scalar($value) ? null : mb_strimwidth((string) $value, 0, self::LONGEST, '…');
    }
}
