<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Contract\EventType;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Session\Cause;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Mark;
use Amble\Core\Session\SetOutItem;
use Amble\Core\Session\Stop;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Events of a session, in the order the device saw them; lengths in metres. */
final class LogEventsRequest extends OwnRequest
{
    /** @return list<array<string, mixed>> the events, checked */
    public function events(): array
    {
        /** @var list<array<string, mixed>> $events */
        $events = $this->validated('events');

        return $events;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'events' => ['required', 'array', 'min:1', 'max:200'],
            'events.*.id' => ['required', 'ulid', 'distinct'],
            'events.*.type' => ['required', Rule::enum(EventType::class)],
            'events.*.at_ms' => ['required', 'integer', 'between:1,9999999999999'],
            'events.*.putt_id' => ['required_if:events.*.type,putt_corrected,putt_remarked', 'ulid'],
            'events.*.event_id' => ['required_if:events.*.type,undone', 'ulid'],
            'events.*.backstroke_m' => ['nullable', 'numeric', 'between:0.01,2'],
            'events.*.roll_m' => ['nullable', 'numeric', 'between:0.02,80'],
            'events.*.stop' => ['exclude_unless:events.*.type,putt_logged,putt_corrected', 'required', Rule::enum(Stop::class)],
            'events.*.target_m' => ['nullable', 'numeric', 'between:0.1,60'],
            'events.*.grade_percent' => ['nullable', 'numeric', 'between:-15,15'],
            'events.*.side_m' => ['nullable', 'numeric', 'between:-30,30'],
            'events.*.gate' => ['nullable', Rule::enum(GateResult::class)],
            'events.*.call' => ['nullable', Rule::enum(LengthCall::class)],
            'events.*.hit' => ['nullable', 'boolean'],
            'events.*.putts_to_finish' => ['nullable', 'integer', 'between:1,20'],
            'events.*.run_id' => ['required_if:events.*.type,set_out_counted', 'nullable', 'ulid', Rule::exists(PracticeRun::class, 'id')->where('practice_session_id', $this->sessionId())],
            'events.*.student' => ['nullable', 'string', 'max:26'],
            'events.*.mark' => ['nullable', Rule::enum(Mark::class)],
            'events.*.cause' => ['nullable', Rule::enum(Cause::class)],
            'events.*.held' => ['nullable', 'boolean'],
            'events.*.rehearsals' => ['nullable', 'integer', 'between:0,20'],
            'events.*.item' => ['required_if:events.*.type,set_out_counted', Rule::enum(SetOutItem::class)],
            'events.*.name' => ['required_if:events.*.type,set_out_counted', 'string', 'max:300'],
            'events.*.count' => ['required_if:events.*.type,set_out_counted', 'integer', 'between:0,500'],
        ];
    }

    private function sessionId(): string
    {
        $session = $this->route('session');

        return $session instanceof PracticeSession ? $session->id : '';
    }

    /** A request to one run may leave the run out of each event. */
    protected function prepareForValidation(): void
    {
        $run = $this->route('run');
        $events = $this->input('events');
        if ($run instanceof PracticeRun && is_array($events)) {
            $this->merge(['events' => array_map(
                static fn(mixed $event): mixed => is_array($event) ? ['run_id' => $run->id] + $event : $event,
                $events,
            )]);
        }
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->checkOwners($validator);
            }
        }];
    }

    /** In a group each ball is somebody's of it; elsewhere it is the session's own student's. */
    private function checkOwners(Validator $validator): void
    {
        $events = $this->events();
        $groups = PracticeRun::query()->whereKey(array_filter(array_column($events, 'run_id')))->get()
            ->mapWithKeys(static fn(PracticeRun $run): array => [$run->id => $run->students]);
        foreach ($events as $i => $event) {
            $runId = $event['run_id'] ?? null;
            $group = is_string($runId) ? $groups->get($runId, []) : [];
            $student = $event['student'] ?? null;
            $problem = match (true) {
                $event['type'] !== EventType::PuttLogged->value => null,
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
        return [
            'events.*.backstroke_m.between' => 'A backstroke is between 1 cm (½ in) and 2 m (78 in).',
            'events.*.roll_m.between' => 'A roll is between 2 cm (1 in) and 80 m (262 ft).',
            'events.*.target_m.between' => 'A target is between 0.1 m (4 in) and 60 m (196 ft) away.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'events.*.backstroke_m' => 'backstroke', 'events.*.roll_m' => 'roll', 'events.*.stop' => 'reason it stopped',
            'events.*.target_m' => 'target', 'events.*.run_id' => 'drill run', 'events.*.grade_percent' => 'slope', 'events.*.at_ms' => 'time',
        ];
    }
}
