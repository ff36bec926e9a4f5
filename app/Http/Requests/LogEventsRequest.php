<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Contract\EventType;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Mark;
use Amble\Core\Session\Stop;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use Illuminate\Validation\Rule;

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
            'events.*.putt_id' => ['required_if:events.*.type,putt_corrected', 'ulid'],
            'events.*.event_id' => ['required_if:events.*.type,undone', 'ulid'],
            'events.*.backstroke_m' => ['nullable', 'numeric', 'between:0.01,2'],
            'events.*.roll_m' => ['nullable', 'numeric', 'between:0.02,80'],
            'events.*.stop' => ['exclude_if:events.*.type,undone', 'required', Rule::enum(Stop::class)],
            'events.*.target_m' => ['nullable', 'numeric', 'between:0.1,60'],
            'events.*.grade_percent' => ['nullable', 'numeric', 'between:-15,15'],
            'events.*.side_m' => ['nullable', 'numeric', 'between:-30,30'],
            'events.*.gate' => ['nullable', Rule::enum(GateResult::class)],
            'events.*.call' => ['nullable', Rule::enum(LengthCall::class)],
            'events.*.hit' => ['nullable', 'boolean'],
            'events.*.putts_to_finish' => ['nullable', 'integer', 'between:1,20'],
            'events.*.run_id' => ['nullable', 'ulid', Rule::exists(PracticeRun::class, 'id')->where('practice_session_id', $this->sessionId())],
            'events.*.student' => $this->students() === []
                ? ['prohibited']
                : ['required_if:events.*.type,putt_logged', Rule::in($this->students())],
            'events.*.mark' => ['nullable', Rule::enum(Mark::class)],
        ];
    }

    private function sessionId(): string
    {
        $session = $this->route('session');

        return $session instanceof PracticeSession ? $session->id : '';
    }

    /**
     * Give the students of the run the events are of; none outside a group.
     *
     * @return list<string>
     */
    private function students(): array
    {
        $run = $this->route('run');

        return $run instanceof PracticeRun ? $run->students : [];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'events.*.backstroke_m.between' => 'A backstroke is between 1 cm (½ in) and 2 m (78 in).',
            'events.*.roll_m.between' => 'A roll is between 2 cm (1 in) and 80 m (262 ft).',
            'events.*.student.required_if' => 'Say whose ball it was.',
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
