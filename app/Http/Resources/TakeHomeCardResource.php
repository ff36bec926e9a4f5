<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Homework\HomeworkEntry;
use Amble\Core\Review\BackstrokeTable;
use App\Models\Coach;
use App\Models\HomeworkRecord;
use App\Models\Student;
use App\Models\TakeHomeCard;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What a take-home card says, and nothing else of the record behind it.
 *
 * @property TakeHomeCard $resource
 */
final class TakeHomeCardResource extends JsonResource
{
    /**
     * @param list<BackstrokeTable> $tables
     * @param list<HomeworkRecord> $entries what was noted at home and answered, oldest first
     * @param array{session: SessionResource, run: RunResource}|null $offered the drill at home as it would begin now;
     *     null without one
     */
    public function __construct(
        TakeHomeCard $card,
        private readonly Student $student,
        private readonly array $tables,
        private readonly array $entries,
        private readonly ?array $offered = null,
    ) {
        parent::__construct($card);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'name' => $this->student->name,
            'coach' => Coach::query()->find($this->student->coach_id)?->name,
            'school' => $this->student->school->value,
            'unit' => $this->student->unit->value,
            'stride_m' => $this->student->stride_m,
            'finish_past_m' => $this->student->finish_past_m,
            'tables' => array_map(
                static fn(BackstrokeTable $table): array => [
                    'speed_m' => $table->speed->metres(),
                    'rows' => BackstrokeTableResource::make($table)->toArray($request)['rows'],
                ],
                $this->tables,
            ),
            'work_on' => $this->resource->work_on,
            'home_task' => $this->resource->home_task,
            'home_balls' => $this->resource->home_balls,
            'home_drill' => $this->resource->home_drill,
            'home_cue' => $this->resource->home_cue,
            'home_target' => $this->resource->home_target,
            'home_days' => $this->resource->home_days,
            'home_lately' => $this->resource
                ->task()
                ?->lately(
                    array_map(static fn(HomeworkRecord $row): HomeworkEntry => $row->entry(), $this->entries),
                    (int) now()->getTimestampMs(),
                ),
            'offered' => $this->offered,
            'entries' => HomeworkEntryResource::collection($this->entries),
            'next_on' => $this->resource->next_on?->toDateString(),
        ];
    }
}
