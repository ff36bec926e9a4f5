<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Green\Surface;
use Amble\Core\Session\Condition;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\SafetyContext;
use Amble\Core\Session\SafetyNote;
use Amble\Core\Session\SessionStep;
use App\Actions\AppendSessionEvents;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Models\Workspace;
use App\Reports\PlanReport;
use App\Reports\SessionGreenSpeeds;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;

/**
 * One session with all that its steps need.
 *
 * @property PracticeSession $resource
 */
final class SessionResource extends JsonResource
{
    /**
     * @param Collection<int, \stdClass> $balls rows, in the order they were rolled
     * @param string|null $lastNote what was noted for next time when this student last came
     * @param list<array<string, mixed>> $lastStations what was set out when this student last came
     */
    public function __construct(
        PracticeSession $session,
        private readonly SessionGreenSpeeds $readings,
        private readonly Collection $balls,
        private readonly ?string $lastNote = null,
        private readonly array $lastStations = [],
    ) {
        parent::__construct($session);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $standing = $this->readings->standing;
        /** @var PracticeRun|null $run the drill started last is the one that is on */
        $run = $this->resource->runs()->orderByDesc('id')->first();

        return [
            'id' => $this->resource->id,
            'student' => $this->resource->student === null ? null : StudentResource::make($this->resource->student),
            'green' => $this->resource->green === null ? null : GreenResource::make($this->resource->green),
            'minutes' => $this->resource->minutes,
            'purpose' => $this->resource->purpose,
            'plan' => PlanReport::plan($this->resource)?->toArray(),
            'conditions' => $this->resource->conditions,
            'stations' => $this->resource->stations,
            'dismissed_insights' => $this->resource->dismissed_insights,
            'group_members' => $this->resource->companions(),
            'version' => $this->resource->exists ? AppendSessionEvents::version($this->resource) : 0,
            'latest_ms' => $this->resource->latest_ms,
            'during' => $this->resource->during,
            'checks' => $this->resource->checkTries(),
            'checklist_answers' => $this->resource->cardSights(),
            'note_for_student' => $this->resource->note_for_student,
            'note_for_next' => $this->resource->note_for_next,
            'is_home' => $this->resource->is_home,
            'is_planned' => $this->resource->is_planned,
            'started_at' => $this->resource->started_at->toIso8601ZuluString(),
            'ended_at' => $this->resource->ended_at?->toIso8601ZuluString(),
            'reading' => self::reading($this->readings->reading),
            'measurement_is_of_the_day' => $standing->isOfTheDay ?? false,
            'measurement_days_old' => $standing?->days,
            'own_measurement' => self::reading($this->readings->own),
            'other_measurement' => self::reading($this->readings->other),
            'putts' => BallResource::collection($this->balls),
            'care' => $this->care(),
            'kit_out' => array_map(
                static fn(string $name, int $count): array => ['name' => $name, 'count' => $count],
                array_keys($this->resource->kit_out),
                array_values($this->resource->kit_out),
            ),
            'kit_word' => $this->resource->kit_word,
            'last_note' => $this->lastNote,
            'last_stations' => $this->lastStations,
            'run' =>
                $run === null
                    ? null
                    : ['id' => $run->id, 'name' => $run->definition()->name, 'is_over' => $run->isOver()],
        ];
    }

    /** @return array<string, list<string>> sentences by step */
    private function care(): array
    {
        $session = $this->resource;
        $groupMembers = Student::withTrashed()->whereKey(array_column($session->companions(), 'student'))->get();
        $workspace = Workspace::query()->find($session->workspace_id);
        $now = new SafetyContext(
            array_values(array_filter(array_map(Condition::tryFrom(...), $session->conditions))),
            array_values(array_filter(array_map(Disturbance::tryFrom(...), $session->during['disturbances']))),
            $session->green?->surface !== Surface::Mat,
            $groupMembers->count() > 1,
            $this->balls->count(),
            $groupMembers->contains(static fn(Student $student): bool => $student->facts()->isMinor),
            $groupMembers->contains(
                static fn(Student $student): bool => $student->schools($workspace)->answer('after') === 'hole',
            ),
        );
        $care = [];
        foreach (SessionStep::cases() as $step) {
            $care[$step->value] = array_map(
                static fn(SafetyNote $caution): string => $caution->value,
                SafetyNote::at($step, $now),
            );
        }

        return $care;
    }

    private static function reading(?GreenSpeedMeasurement $reading): ?GreenSpeedMeasurementResource
    {
        return $reading === null ? null : GreenSpeedMeasurementResource::make($reading);
    }
}
