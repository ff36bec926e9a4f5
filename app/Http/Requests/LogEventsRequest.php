<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Models\TakeHomeCard;
use Illuminate\Support\Str;
use Illuminate\Validation\Validator;

/**
 * Events of a session, in the order the device saw them. The envelope is checked here, once for the batch;
 * what an event says is the core's to check.
 */
final class LogEventsRequest extends WorkspaceRequest
{
    private const MOST = 200;

    /** A clock that says before 2000 never was set; one may be a day ahead and still be believed. */
    private const OLDEST_MS = 946_684_800_000;
    private const AHEAD_MS = 86_400_000;

    /** @var list<array<string, mixed>> */
    private array $events = [];

    /** Whoever holds a student's link may send what its routes take. */
    public function authorize(): bool
    {
        return $this->user() instanceof TakeHomeCard || parent::authorize();
    }

    /** @return list<array<string, mixed>> the events, their envelopes checked */
    public function events(): array
    {
        return $this->events;
    }

    /** The version of the log that the device knows; null where it knows none. */
    public function version(): ?int
    {
        return $this->filled('version') ? $this->integer('version') : null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'events' => ['required', 'array', 'list', 'min:1', 'max:' . self::MOST],
            'version' => ['sometimes', 'nullable', 'integer', 'min:0'],
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isEmpty()) {
                    $this->readEnvelopes($validator);
                }
                if ($validator->errors()->isEmpty()) {
                    $this->checkOwners($validator);
                }
            },
        ];
    }

    private function readEnvelopes(Validator $validator): void
    {
        $run = $this->route('run');
        $seen = [];
        foreach ($this->array('events') as $i => $event) {
            if (!is_array($event)) {
                $validator->errors()->add("events.$i", 'An event must be an object.');
                continue;
            }
            $id = $event['id'] ?? null;
            $at = $event['at_ms'] ?? null;
            // In capitals, as a ULID is written: in other letters the same one would be another ball.
            if (!is_string($id) || !Str::isUlid($id) || $id !== strtoupper($id) || isset($seen[$id])) {
                $validator
                    ->errors()
                    ->add(
                        "events.$i.id",
                        isset($seen[is_string($id) ? $id : '']) ? 'Each id may appear once.' : 'The id is not an id.',
                    );
            }
            if (!is_int($at) || $at < 1 || $at > 9_999_999_999_999) {
                $validator->errors()->add("events.$i.at_ms", 'The time must be a whole number of milliseconds.');
            }
            $seen[is_string($id) ? $id : ''] = true;
            $event['at_ms'] = self::believable($at, $i);
            // A request to one run may leave the run out of each event.
            $this->events[] = $run instanceof PracticeRun ? $event + ['run_id' => $run->id] : $event;
        }
    }

    /**
     * A clock that is years off loses no ball, and keeps none the last for ever: what it says is taken for the moment
     * it arrived, in the order it was sent.
     */
    private static function believable(mixed $at, int|string $place): mixed
    {
        $now = (int) now()->getTimestampMs();

        return is_int($at) && ($at < self::OLDEST_MS || $at > $now + self::AHEAD_MS) ? $now + (int) $place : $at;
    }

    /** Whose a ball is must be somebody of the workspace; in a group every ball says whose. */
    private function checkOwners(Validator $validator): void
    {
        $session = $this->route('session');
        $groups =
            $session instanceof PracticeSession && array_filter(array_column($this->events, 'run_id')) !== []
                ? $session
                    ->runs()
                    ->get()
                    ->mapWithKeys(static fn(PracticeRun $run): array => [$run->id => $run->students])
                : collect();
        $known = $this->knownStudents();
        foreach ($this->events as $i => $event) {
            $runId = $event['run_id'] ?? null;
            if ($runId !== null && (!is_string($runId) || !$groups->has($runId))) {
                $validator->errors()->add("events.$i.run_id", 'That drill run is not in your workspace.');
                continue;
            }
            $student = $event['student'] ?? null;
            $isOfGroup = $runId !== null && (array) $groups->get($runId) !== [];
            $problem = match (true) {
                $student !== null => is_string($student) && isset($known[$student])
                    ? null
                    : 'That student is not in your workspace.',
                ($event['type'] ?? null) === 'putt_logged' && $isOfGroup => 'Choose whose ball it was.',
                default => null,
            };
            if ($problem !== null) {
                $validator->errors()->add("events.$i.student", $problem);
            }
        }
    }

    /** @return array<string, true> those of the students named that are of this workspace, put away or not */
    private function knownStudents(): array
    {
        $named = array_unique(array_filter(array_column($this->events, 'student'), is_string(...)));
        $session = $this->route('session');
        assert($session instanceof PracticeSession);
        $known =
            $named === []
                ? []
                : Student::withTrashed()
                    ->where('workspace_id', $session->workspace_id)
                    ->whereKey($named)
                    ->pluck('id')
                    ->all();

        return array_fill_keys(array_filter($known, is_string(...)), true);
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return ['max' => ['array' => 'At most ' . self::MOST . ' events can be sent at once.']] + parent::messages();
    }
}
