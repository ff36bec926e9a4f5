<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Evidence\Standing;
use Amble\Core\Green\Surface;
use Amble\Core\Session\Caution;
use Amble\Core\Session\Condition;
use App\Models\GreenReading;
use App\Models\PracticeSession;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;

/**
 * One session with all that its waypoints need.
 *
 * @property PracticeSession $resource
 */
final class SessionResource extends JsonResource
{
    /**
     * @param Standing|null $standing of the reading, and whether it is of this session's day
     * @param Collection<int, \stdClass> $balls rows, in the order they were rolled
     * @param string|null $lastNote what was noted for next time when this student last came
     */
    public function __construct(
        PracticeSession $session,
        private readonly ?GreenReading $reading,
        private readonly ?Standing $standing,
        private readonly Collection $balls,
        private readonly ?string $lastNote,
    ) {
        parent::__construct($session);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'student' => $this->resource->student === null ? null : StudentResource::make($this->resource->student),
            'green' => $this->resource->green === null ? null : GreenResource::make($this->resource->green),
            'minutes' => $this->resource->minutes,
            'purpose' => $this->resource->purpose,
            'conditions' => $this->resource->conditions,
            'stations' => $this->resource->stations,
            'set_aside' => $this->resource->set_aside,
            'note_for_student' => $this->resource->note_for_student,
            'note_for_next' => $this->resource->note_for_next,
            'started_at' => $this->resource->started_at->toIso8601ZuluString(),
            'ended_at' => $this->resource->ended_at?->toIso8601ZuluString(),
            'reading' => $this->reading === null ? null : GreenReadingResource::make($this->reading),
            'reading_is_of_the_day' => $this->standing->isOfTheDay ?? false,
            'reading_days_old' => $this->standing?->days,
            'putts' => BallResource::collection($this->balls),
            'cautions' => array_map(
                static fn(Caution $caution): string => $caution->value,
                Caution::onArrival(
                    $this->resource->green?->surface !== Surface::Mat,
                    array_values(array_filter(array_map(Condition::tryFrom(...), $this->resource->conditions))),
                ),
            ),
            'last_note' => $this->lastNote,
            // The drill started last is the one that is on.
            'run_id' => $this->resource->runs()->orderByDesc('id')->value('id'),
        ];
    }
}
