<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeRun;
use App\Models\PracticeSession;
use Illuminate\Support\Str;
use Illuminate\Validation\Validator;

/**
 * Events of a session, in the order the device saw them. The envelope is checked here, once for the batch;
 * what an event says is the core's to check.
 */
final class LogEventsRequest extends OwnRequest
{
    private const MOST = 200;

    /** @var list<array<string, mixed>> */
    private array $events = [];

    /** @return list<array<string, mixed>> the events, their envelopes checked */
    public function events(): array
    {
        return $this->events;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['events' => ['required', 'array', 'list', 'min:1', 'max:' . self::MOST]];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->readEnvelopes($validator);
            }
            if ($validator->errors()->isEmpty()) {
                $this->checkOwners($validator);
            }
        }];
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
            if (!is_string($id) || !Str::isUlid($id) || isset($seen[$id])) {
                $validator->errors()->add("events.$i.id", isset($seen[is_string($id) ? $id : '']) ? 'Each id may appear once.' : 'The id is not an id.');
            }
            if (!is_int($at) || $at < 1 || $at > 9_999_999_999_999) {
                $validator->errors()->add("events.$i.at_ms", 'The time must be a whole number of milliseconds.');
            }
            $seen[is_string($id) ? $id : ''] = true;
            // A request to one run may leave the run out of each event.
            $this->events[] = ($run instanceof PracticeRun ? $event + ['run_id' => $run->id] : $event);
        }
    }

    /** In a group each ball is somebody's of it; elsewhere it is the session's own student's. */
    private function checkOwners(Validator $validator): void
    {
        $session = $this->route('session');
        $groups = $session instanceof PracticeSession && array_filter(array_column($this->events, 'run_id')) !== []
            ? $session->runs()->get()->mapWithKeys(static fn(PracticeRun $run): array => [$run->id => $run->students])
            : collect();
        foreach ($this->events as $i => $event) {
            $runId = $event['run_id'] ?? null;
            if ($runId !== null && (!is_string($runId) || !$groups->has($runId))) {
                $validator->errors()->add("events.$i.run_id", 'That drill run is not on your bench.');
                continue;
            }
            $group = $runId === null ? [] : (array) $groups->get($runId);
            $student = $event['student'] ?? null;
            $problem = match (true) {
                ($event['type'] ?? null) !== 'putt_logged' => null,
                $group === [] => $student === null ? null : 'Only a ball of a group says whose it was.',
                $student === null => 'Say whose ball it was.',
                default => in_array($student, $group, true) ? null : 'This student is not of the group.',
            };
            if ($problem !== null) {
                $validator->errors()->add("events.$i.student", $problem);
            }
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max.array' => 'At most ' . self::MOST . ' events can be sent at once.'] + parent::messages();
    }
}
